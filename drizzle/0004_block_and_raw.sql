CREATE TABLE `board_washes` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`colour` text NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `board_washes_by_time` ON `board_washes` (`at_ms`);--> statement-breakpoint
CREATE TABLE `boards` (
	`use` text PRIMARY KEY NOT NULL,
	`colour` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `breakdown_parts` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`breakdown_id` text NOT NULL,
	`part_id` text NOT NULL,
	`label` text NOT NULL,
	`mass_g` real NOT NULL,
	`use` text NOT NULL,
	`child_id` text,
	FOREIGN KEY (`breakdown_id`) REFERENCES `breakdowns`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`child_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `breakdown_parts_by_breakdown` ON `breakdown_parts` (`breakdown_id`);--> statement-breakpoint
CREATE TABLE `breakdowns` (
	`id` text PRIMARY KEY NOT NULL,
	`lot_id` text NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`way_id` text NOT NULL,
	`form` text NOT NULL,
	`species_id` text NOT NULL,
	`supplier_id` text NOT NULL,
	`whole_g` real NOT NULL,
	`loss_g` real NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `breakdowns_by_lot` ON `breakdowns` (`lot_id`);--> statement-breakpoint
CREATE INDEX `breakdowns_by_species` ON `breakdowns` (`species_id`,`at_ms`);--> statement-breakpoint
CREATE TABLE `lot_notes` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`lot_id` text NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`kind` text NOT NULL,
	`amount` real NOT NULL,
	`out_of` real,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `lot_notes_by_lot` ON `lot_notes` (`lot_id`,`kind`,`at_ms`);--> statement-breakpoint
CREATE TABLE `plates` (
	`id` text PRIMARY KEY NOT NULL,
	`lot_id` text NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`dish` text NOT NULL,
	`covers` integer NOT NULL,
	`grams_per_cover` real NOT NULL,
	`used_g` real NOT NULL,
	`rule` text NOT NULL,
	`record` text NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `plates_by_lot` ON `plates` (`lot_id`);--> statement-breakpoint
CREATE INDEX `plates_by_time` ON `plates` (`at_ms`);--> statement-breakpoint
CREATE TABLE `scales` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`device_key` text NOT NULL,
	`mass_g` real,
	`stable` integer DEFAULT false NOT NULL,
	`at_ms` integer
);
--> statement-breakpoint
CREATE UNIQUE INDEX `scales_name_unique` ON `scales` (`name`);--> statement-breakpoint
ALTER TABLE `batches` ADD `sides` text;--> statement-breakpoint
ALTER TABLE `batches` ADD `lean_deg` real DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `batches` ADD `prepared` text;--> statement-breakpoint
ALTER TABLE `lots` ADD `part_label` text;--> statement-breakpoint
ALTER TABLE `lots` ADD `part_use` text;--> statement-breakpoint
ALTER TABLE `portions` ADD `side_index` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `portions` ADD `role` text DEFAULT 'portion' NOT NULL;--> statement-breakpoint
ALTER TABLE `portions` ADD `cook_thickness_mm` real;