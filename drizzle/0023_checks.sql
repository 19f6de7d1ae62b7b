CREATE TABLE `check_marks` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`check_id` text NOT NULL,
	`day` text NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`wrong` text,
	FOREIGN KEY (`check_id`) REFERENCES `house_checks`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `check_marks_by_day` ON `check_marks` (`check_id`,`day`);--> statement-breakpoint
CREATE INDEX `check_marks_of_day` ON `check_marks` (`day`);--> statement-breakpoint
CREATE TABLE `house_checks` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`list` text NOT NULL,
	`by_min` integer NOT NULL,
	`done_by` text,
	`added_at_ms` integer NOT NULL,
	`ended_at_ms` integer
);
