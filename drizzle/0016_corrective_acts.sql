ALTER TABLE `corrective_actions` ADD `kind` text DEFAULT 'said' NOT NULL;--> statement-breakpoint
ALTER TABLE `corrective_actions` ADD `reading_c` real;--> statement-breakpoint
ALTER TABLE `corrective_actions` ADD `to_place_id` text REFERENCES places(id);