CREATE TABLE `close_counts` (
	`day` text NOT NULL,
	`batch_id` text NOT NULL,
	`counted` integer NOT NULL,
	`booked` integer NOT NULL,
	`became` text,
	`who` text NOT NULL,
	`at_ms` integer NOT NULL,
	PRIMARY KEY(`day`, `batch_id`),
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `line_marks` (
	`task_id` text NOT NULL,
	`kind` text NOT NULL,
	`day` text NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	PRIMARY KEY(`task_id`, `kind`)
);
--> statement-breakpoint
CREATE INDEX `line_marks_by_day` ON `line_marks` (`day`);--> statement-breakpoint
CREATE TABLE `line_pans` (
	`id` text PRIMARY KEY NOT NULL,
	`day` text NOT NULL,
	`card_id` text NOT NULL,
	`began_at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`cook_id` text,
	`stages` text NOT NULL,
	`events` text NOT NULL,
	`parts` text NOT NULL,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `line_pans_by_day` ON `line_pans` (`day`);--> statement-breakpoint
CREATE TABLE `spot_outs` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`kind` text NOT NULL,
	`from_ms` integer NOT NULL,
	`who` text NOT NULL,
	`to_ms` integer
);
--> statement-breakpoint
CREATE TABLE `ticket_courses` (
	`ticket_id` text NOT NULL,
	`course` integer NOT NULL,
	`called_at_ms` integer,
	`wanted_at_ms` integer,
	`promised_at_ms` integer,
	`gone_at_ms` integer,
	`gone_by` text,
	`bell_by` text,
	PRIMARY KEY(`ticket_id`, `course`),
	FOREIGN KEY (`ticket_id`) REFERENCES `tickets`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `ticket_lines` (
	`id` text PRIMARY KEY NOT NULL,
	`ticket_id` text NOT NULL,
	`course` integer NOT NULL,
	`card_id` text NOT NULL,
	`count` integer NOT NULL,
	`wishes` text NOT NULL,
	`allergies` text NOT NULL,
	`swapped_by` text,
	`seen_by` text,
	`recook_of` text,
	`struck_at_ms` integer,
	FOREIGN KEY (`ticket_id`) REFERENCES `tickets`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `ticket_lines_by_ticket` ON `ticket_lines` (`ticket_id`);--> statement-breakpoint
CREATE TABLE `ticket_senders` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`device_key` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `ticket_senders_name_unique` ON `ticket_senders` (`name`);--> statement-breakpoint
CREATE TABLE `tickets` (
	`id` text PRIMARY KEY NOT NULL,
	`day` text NOT NULL,
	`table_name` text NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`source` text NOT NULL,
	`reference` text,
	`struck_at_ms` integer
);
--> statement-breakpoint
CREATE UNIQUE INDEX `tickets_reference_unique` ON `tickets` (`reference`);--> statement-breakpoint
CREATE INDEX `tickets_by_day` ON `tickets` (`day`,`at_ms`);--> statement-breakpoint
ALTER TABLE `plates` ADD `line_id` text;--> statement-breakpoint
CREATE INDEX `plates_by_line` ON `plates` (`line_id`);--> statement-breakpoint
ALTER TABLE `portions` ADD `left_as` text;--> statement-breakpoint
ALTER TABLE `house` ADD `line_hands` integer DEFAULT 1 NOT NULL;