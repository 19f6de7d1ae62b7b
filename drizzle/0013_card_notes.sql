CREATE TABLE `card_notes` (
	`id` text PRIMARY KEY NOT NULL,
	`card_id` text NOT NULL,
	`title` text NOT NULL,
	`body` text NOT NULL,
	`who` text NOT NULL,
	`at_ms` integer NOT NULL
);
--> statement-breakpoint
CREATE INDEX `card_notes_by_card` ON `card_notes` (`card_id`,`at_ms`);--> statement-breakpoint
ALTER TABLE `house` ADD `service_min` integer DEFAULT 1080 NOT NULL;