CREATE TABLE `intentions` (
	`id` text PRIMARY KEY NOT NULL,
	`action` text NOT NULL,
	`at_ms` integer NOT NULL,
	`answer` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `intentions_by_time` ON `intentions` (`at_ms`);