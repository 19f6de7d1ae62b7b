CREATE TABLE `hot_hold_readings` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`request_id` text NOT NULL,
	`hot_hold_id` text NOT NULL,
	`at_ms` integer NOT NULL,
	`celsius` real NOT NULL,
	`who` text NOT NULL,
	FOREIGN KEY (`hot_hold_id`) REFERENCES `hot_holds`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `hot_hold_readings_request_id_unique` ON `hot_hold_readings` (`request_id`);--> statement-breakpoint
CREATE INDEX `hot_hold_readings_by_hold` ON `hot_hold_readings` (`hot_hold_id`,`at_ms`);--> statement-breakpoint
CREATE TABLE `hot_holds` (
	`id` text PRIMARY KEY NOT NULL,
	`request_id` text NOT NULL,
	`cook_id` text,
	`title` text NOT NULL,
	`place` text NOT NULL,
	`rule_set_id` text NOT NULL,
	`started_at_ms` integer NOT NULL,
	`started_by` text NOT NULL,
	`from_c` real NOT NULL,
	`used_min` real NOT NULL,
	`ended_at_ms` integer,
	`ended_as` text,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `hot_holds_request_id_unique` ON `hot_holds` (`request_id`);--> statement-breakpoint
CREATE INDEX `hot_holds_by_end` ON `hot_holds` (`ended_at_ms`);