CREATE TABLE `advice` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`species_id` text NOT NULL,
	`production` text,
	`area` text NOT NULL,
	`gear` text NOT NULL,
	`body` text NOT NULL,
	`rating` text NOT NULL,
	`issued_on` text NOT NULL,
	`added_at_ms` integer NOT NULL
);
--> statement-breakpoint
CREATE INDEX `advice_by_species` ON `advice` (`species_id`);--> statement-breakpoint
CREATE TABLE `attachments` (
	`id` text PRIMARY KEY NOT NULL,
	`lot_id` text NOT NULL,
	`name` text NOT NULL,
	`mime` text NOT NULL,
	`sha256` text NOT NULL,
	`bytes` blob NOT NULL,
	`added_at_ms` integer NOT NULL,
	`added_by` text NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `attachments_by_lot` ON `attachments` (`lot_id`);--> statement-breakpoint
CREATE TABLE `corrective_actions` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`place_id` text NOT NULL,
	`excursion_from_ms` integer NOT NULL,
	`action` text NOT NULL,
	`who` text NOT NULL,
	`at_ms` integer NOT NULL,
	FOREIGN KEY (`place_id`) REFERENCES `places`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `corrective_actions_by_place` ON `corrective_actions` (`place_id`,`excursion_from_ms`);--> statement-breakpoint
CREATE TABLE `covers` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`day` text NOT NULL,
	`species_id` text NOT NULL,
	`use` text NOT NULL,
	`covers` integer NOT NULL,
	`portion_g` real NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `covers_by_day` ON `covers` (`day`,`species_id`,`use`);--> statement-breakpoint
CREATE TABLE `deliveries` (
	`id` text PRIMARY KEY NOT NULL,
	`supplier_id` text NOT NULL,
	`received_at_ms` integer NOT NULL,
	`received_by` text NOT NULL,
	FOREIGN KEY (`supplier_id`) REFERENCES `suppliers`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `hold_readings` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`hold_id` text NOT NULL,
	`at_ms` integer NOT NULL,
	`celsius` real NOT NULL,
	`who` text NOT NULL,
	FOREIGN KEY (`hold_id`) REFERENCES `holds`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `hold_readings_by_moment` ON `hold_readings` (`hold_id`,`at_ms`);--> statement-breakpoint
CREATE TABLE `holds` (
	`id` text PRIMARY KEY NOT NULL,
	`lot_id` text NOT NULL,
	`kind` text NOT NULL,
	`started_at_ms` integer NOT NULL,
	`started_by` text NOT NULL,
	`facts` text NOT NULL,
	`closed_at_ms` integer,
	`closed_as` text,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `holds_by_closing` ON `holds` (`closed_at_ms`);--> statement-breakpoint
CREATE INDEX `holds_by_lot` ON `holds` (`lot_id`);--> statement-breakpoint
CREATE TABLE `lot_stays` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`lot_id` text NOT NULL,
	`place_id` text NOT NULL,
	`from_ms` integer NOT NULL,
	`to_ms` integer,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`place_id`) REFERENCES `places`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `lot_stays_by_lot` ON `lot_stays` (`lot_id`,`from_ms`);--> statement-breakpoint
CREATE INDEX `lot_stays_by_place` ON `lot_stays` (`place_id`,`to_ms`,`from_ms`);--> statement-breakpoint
CREATE TABLE `own_species` (
	`id` text PRIMARY KEY NOT NULL,
	`facts` text NOT NULL,
	`added_at_ms` integer NOT NULL,
	`added_by` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `waste` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`lot_id` text NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`mass_g` real NOT NULL,
	`reason` text NOT NULL,
	`cost_cents` integer NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `waste_by_time` ON `waste` (`at_ms`);--> statement-breakpoint
DROP INDEX `place_readings_by_time`;--> statement-breakpoint
DELETE FROM `place_readings` WHERE `id` NOT IN (SELECT max(`id`) FROM `place_readings` GROUP BY `place_id`, `at_ms`);--> statement-breakpoint
ALTER TABLE `place_readings` ADD `source` text DEFAULT 'typed' NOT NULL;--> statement-breakpoint
CREATE UNIQUE INDEX `place_readings_by_moment` ON `place_readings` (`place_id`,`at_ms`);--> statement-breakpoint
ALTER TABLE `lots` ADD `parent_id` text REFERENCES lots(id);--> statement-breakpoint
ALTER TABLE `lots` ADD `delivery_id` text REFERENCES deliveries(id);--> statement-breakpoint
ALTER TABLE `lots` ADD `state` text DEFAULT 'chilled' NOT NULL;--> statement-breakpoint
ALTER TABLE `lots` ADD `once_frozen` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `lots` ADD `inherited_ice_days` real;--> statement-breakpoint
ALTER TABLE `lots` ADD `stated_mass_g` real;--> statement-breakpoint
ALTER TABLE `lots` ADD `provenance` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `lots` ADD `opened_on` text;--> statement-breakpoint
ALTER TABLE `lots` ADD `thawed_on` text;--> statement-breakpoint
CREATE INDEX `lots_by_arrival` ON `lots` (`received_at_ms`);--> statement-breakpoint
CREATE INDEX `lots_by_supplier` ON `lots` (`supplier_id`,`received_at_ms`);--> statement-breakpoint
CREATE INDEX `lots_by_parent` ON `lots` (`parent_id`);--> statement-breakpoint
ALTER TABLE `places` ADD `kind` text DEFAULT 'cold-room' NOT NULL;--> statement-breakpoint
ALTER TABLE `places` ADD `min_c` real;--> statement-breakpoint
ALTER TABLE `places` ADD `max_c` real;--> statement-breakpoint
ALTER TABLE `places` ADD `every_min` integer DEFAULT 240 NOT NULL;--> statement-breakpoint
ALTER TABLE `places` ADD `device_key` text;--> statement-breakpoint
ALTER TABLE `places` ADD `version` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
INSERT INTO `lot_stays` (`lot_id`, `place_id`, `from_ms`, `to_ms`)
SELECT `id`, `place_id`, `received_at_ms`,
	CASE WHEN `status` = 'on-ice' THEN NULL
	ELSE coalesce((SELECT min(`at_ms`) FROM `ledger` WHERE `ledger`.`lot_id` = `lots`.`id` AND `ledger`.`kind` = 'lot-finished'), `received_at_ms`) END
FROM `lots` WHERE `place_id` IS NOT NULL;
