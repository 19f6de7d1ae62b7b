CREATE TABLE `pairings` (
	`code_hash` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`kind` text NOT NULL,
	`made_by` text NOT NULL,
	`until_ms` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `tablets` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`kind` text NOT NULL,
	`paired_at_ms` integer NOT NULL,
	`paired_by` text NOT NULL,
	`last_seen_ms` integer,
	`ended_at_ms` integer
);
--> statement-breakpoint
ALTER TABLE `house` ADD `phrase_hash` text;--> statement-breakpoint
ALTER TABLE `house` ADD `demo` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `staff` ADD `role` text DEFAULT 'cook' NOT NULL;--> statement-breakpoint
ALTER TABLE `staff` ADD `pin_hash` text;--> statement-breakpoint
ALTER TABLE `staff` ADD `signed_in_at_ms` integer;--> statement-breakpoint
ALTER TABLE `staff` ADD `until_ms` integer;--> statement-breakpoint
ALTER TABLE `staff` ADD `left_at_ms` integer;