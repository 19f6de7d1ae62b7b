CREATE TABLE `cook_readings` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`cook_id` text NOT NULL,
	`probe_id` text NOT NULL,
	`at_ms` integer NOT NULL,
	`celsius` real NOT NULL,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`probe_id`) REFERENCES `probes`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `cook_readings_by_cook` ON `cook_readings` (`cook_id`,`at_ms`);--> statement-breakpoint
CREATE TABLE `probes` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`device_key` text NOT NULL,
	`cook_id` text,
	`celsius` real,
	`at_ms` integer,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `probes_name_unique` ON `probes` (`name`);--> statement-breakpoint
CREATE TABLE `station_fits` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`pan_id` text NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`vessel` real NOT NULL,
	`vessel_sd` real NOT NULL,
	`air` real NOT NULL,
	`air_sd` real NOT NULL,
	`cooks` integer NOT NULL,
	`residuals` text NOT NULL,
	`reset` integer DEFAULT false NOT NULL
);
--> statement-breakpoint
CREATE INDEX `station_fits_by_pan` ON `station_fits` (`pan_id`,`id`);--> statement-breakpoint
CREATE TABLE `station_sheets` (
	`id` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`question` text NOT NULL,
	`rows` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `station_sheets_by_time` ON `station_sheets` (`at_ms`);--> statement-breakpoint
ALTER TABLE `batches` ADD `piece_shape` text;