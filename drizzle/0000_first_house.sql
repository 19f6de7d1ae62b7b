CREATE TABLE `batches` (
	`id` text PRIMARY KEY NOT NULL,
	`code` text NOT NULL,
	`lot_id` text NOT NULL,
	`cut_at_ms` integer NOT NULL,
	`cut_by` text NOT NULL,
	`side` text NOT NULL,
	`portion_g` real NOT NULL,
	`tolerance_g` real NOT NULL,
	`trim_g` real NOT NULL,
	`trim_use` text NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `batches_code_unique` ON `batches` (`code`);--> statement-breakpoint
CREATE INDEX `batches_by_lot` ON `batches` (`lot_id`);--> statement-breakpoint
CREATE TABLE `cook_events` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`cook_id` text NOT NULL,
	`at_ms` integer NOT NULL,
	`kind` text NOT NULL,
	`amount` real,
	`who` text NOT NULL,
	`request_id` text NOT NULL,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `cook_events_request_id_unique` ON `cook_events` (`request_id`);--> statement-breakpoint
CREATE INDEX `cook_events_by_cook` ON `cook_events` (`cook_id`,`id`);--> statement-breakpoint
CREATE TABLE `cooks` (
	`id` text PRIMARY KEY NOT NULL,
	`batch_id` text NOT NULL,
	`started_at_ms` integer NOT NULL,
	`started_by` text NOT NULL,
	`pieces` integer NOT NULL,
	`plan` text NOT NULL,
	`open` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `cooks_by_open` ON `cooks` (`open`);--> statement-breakpoint
CREATE INDEX `cooks_by_batch` ON `cooks` (`batch_id`);--> statement-breakpoint
CREATE TABLE `house` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`time_zone` text NOT NULL,
	`units` text NOT NULL,
	`rule_set_id` text NOT NULL,
	`created_at_ms` integer NOT NULL,
	CONSTRAINT "one_house" CHECK("house"."id" = 1)
);
--> statement-breakpoint
CREATE TABLE `ledger` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`kind` text NOT NULL,
	`lot_id` text,
	`batch_id` text,
	`cook_id` text,
	`corrects_seq` integer,
	`payload` text NOT NULL,
	`prev_hash` text NOT NULL,
	`hash` text NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `ledger_hash_unique` ON `ledger` (`hash`);--> statement-breakpoint
CREATE INDEX `ledger_by_time` ON `ledger` (`at_ms`);--> statement-breakpoint
CREATE INDEX `ledger_by_lot` ON `ledger` (`lot_id`);--> statement-breakpoint
CREATE TABLE `lots` (
	`id` text PRIMARY KEY NOT NULL,
	`code` text NOT NULL,
	`supplier_id` text NOT NULL,
	`received_at_ms` integer NOT NULL,
	`received_by` text NOT NULL,
	`species_id` text NOT NULL,
	`form` text NOT NULL,
	`production` text NOT NULL,
	`area` text NOT NULL,
	`gear` text NOT NULL,
	`source` text NOT NULL,
	`caught_at_ms` integer,
	`mass_g` real NOT NULL,
	`remaining_g` real NOT NULL,
	`price_cents_per_kg` integer NOT NULL,
	`receipt_c` real NOT NULL,
	`grades` text NOT NULL,
	`verdict` text NOT NULL,
	`reasons` text NOT NULL,
	`implied_ice_days` real NOT NULL,
	`status` text NOT NULL,
	`place_id` text,
	FOREIGN KEY (`supplier_id`) REFERENCES `suppliers`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`place_id`) REFERENCES `places`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "lot_mass" CHECK("lots"."mass_g" > 0 and "lots"."remaining_g" >= 0 and "lots"."remaining_g" <= "lots"."mass_g")
);
--> statement-breakpoint
CREATE UNIQUE INDEX `lots_code_unique` ON `lots` (`code`);--> statement-breakpoint
CREATE INDEX `lots_by_status` ON `lots` (`status`);--> statement-breakpoint
CREATE TABLE `place_readings` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`place_id` text NOT NULL,
	`at_ms` integer NOT NULL,
	`celsius` real NOT NULL,
	FOREIGN KEY (`place_id`) REFERENCES `places`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `place_readings_by_time` ON `place_readings` (`place_id`,`at_ms`);--> statement-breakpoint
CREATE TABLE `places` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`set_c` real NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `places_name_unique` ON `places` (`name`);--> statement-breakpoint
CREATE TABLE `portions` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`batch_id` text NOT NULL,
	`position` integer NOT NULL,
	`from_mm` real NOT NULL,
	`to_mm` real NOT NULL,
	`mass_g` real NOT NULL,
	`mean_thickness_mm` real NOT NULL,
	`max_thickness_mm` real NOT NULL,
	`cook_id` text,
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `portions_by_batch` ON `portions` (`batch_id`);--> statement-breakpoint
CREATE INDEX `portions_by_cook` ON `portions` (`cook_id`);--> statement-breakpoint
CREATE TABLE `staff` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `staff_name_unique` ON `staff` (`name`);--> statement-breakpoint
CREATE TABLE `suppliers` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `suppliers_name_unique` ON `suppliers` (`name`);