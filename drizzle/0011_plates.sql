CREATE TABLE `raw_plates` (
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
INSERT INTO `raw_plates` SELECT `id`, `lot_id`, `at_ms`, `who`, `dish`, `covers`, `grams_per_cover`, `used_g`, `rule`, `record` FROM `plates`;--> statement-breakpoint
DROP TABLE `plates`;--> statement-breakpoint
CREATE INDEX `raw_plates_by_lot` ON `raw_plates` (`lot_id`);--> statement-breakpoint
CREATE INDEX `raw_plates_by_time` ON `raw_plates` (`at_ms`);--> statement-breakpoint
CREATE TABLE `card_covers` (
	`day` text NOT NULL,
	`card_id` text NOT NULL,
	`covers` integer NOT NULL,
	PRIMARY KEY(`day`, `card_id`)
);
--> statement-breakpoint
CREATE TABLE `card_offs` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`card_id` text NOT NULL,
	`from_ms` integer NOT NULL,
	`who` text NOT NULL,
	`reason` text NOT NULL,
	`to_ms` integer
);
--> statement-breakpoint
CREATE INDEX `card_offs_by_card` ON `card_offs` (`card_id`,`from_ms`);--> statement-breakpoint
CREATE TABLE `cook_pieces` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`cook_id` text NOT NULL,
	`portion_id` integer NOT NULL,
	`mass_g` real NOT NULL,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`portion_id`) REFERENCES `portions`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `cook_pieces_by_cook` ON `cook_pieces` (`cook_id`);--> statement-breakpoint
CREATE INDEX `cook_pieces_by_portion` ON `cook_pieces` (`portion_id`);--> statement-breakpoint
CREATE TABLE `plate_parts` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`plate_id` text NOT NULL,
	`lot_id` text,
	`portion_id` integer,
	`mass_g` real NOT NULL,
	`certainty` text NOT NULL,
	FOREIGN KEY (`plate_id`) REFERENCES `plates`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`portion_id`) REFERENCES `portions`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `plate_parts_by_plate` ON `plate_parts` (`plate_id`);--> statement-breakpoint
CREATE INDEX `plate_parts_by_lot` ON `plate_parts` (`lot_id`);--> statement-breakpoint
CREATE TABLE `plates` (
	`id` text PRIMARY KEY NOT NULL,
	`card_hash` text,
	`cook_id` text,
	`make_id` text,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`state` text NOT NULL,
	`rule_set_id` text,
	`allergens` text,
	`cost_cents` integer,
	FOREIGN KEY (`card_hash`) REFERENCES `specs`(`hash`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`make_id`) REFERENCES `makes`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `plates_by_moment` ON `plates` (`at_ms`);--> statement-breakpoint
CREATE INDEX `plates_by_card` ON `plates` (`card_hash`,`at_ms`);--> statement-breakpoint
CREATE INDEX `plates_by_cook` ON `plates` (`cook_id`);
--> statement-breakpoint
INSERT INTO `cook_pieces` (`cook_id`, `portion_id`, `mass_g`) SELECT `cook_id`, `id`, `mass_g` FROM `portions` WHERE `cook_id` IS NOT NULL ORDER BY `id`;--> statement-breakpoint
INSERT INTO `plates` (`id`, `cook_id`, `at_ms`, `who`, `state`)
  SELECT p.`cook_id` || '-' || p.`id`, p.`cook_id`, coalesce((SELECT max(e.`at_ms`) FROM `cook_events` e WHERE e.`cook_id` = p.`cook_id`), c.`started_at_ms`),
    c.`started_by`, 'gone'
  FROM `portions` p JOIN `cooks` c ON c.`id` = p.`cook_id`
  WHERE c.`open` = 0 AND NOT EXISTS (SELECT 1 FROM `cook_events` e WHERE e.`cook_id` = c.`id` AND e.`kind` = 'abandoned');--> statement-breakpoint
INSERT INTO `plate_parts` (`plate_id`, `lot_id`, `portion_id`, `mass_g`, `certainty`)
  SELECT l.`id`, b.`lot_id`, p.`id`, p.`mass_g`, 'certain' FROM `plates` l JOIN `portions` p ON l.`id` = p.`cook_id` || '-' || p.`id`
  JOIN `batches` b ON b.`id` = p.`batch_id`;--> statement-breakpoint
WITH RECURSIVE `one` (`id`, `lot_id`, `at_ms`, `who`, `left`) AS (
  SELECT `id`, `lot_id`, `at_ms`, `who`, `covers` FROM `raw_plates` WHERE `covers` > 0
  UNION ALL SELECT `id`, `lot_id`, `at_ms`, `who`, `left` - 1 FROM `one` WHERE `left` > 1
) INSERT INTO `plates` (`id`, `make_id`, `at_ms`, `who`, `state`)
  SELECT `id` || '-' || `left`, (SELECT m.`id` FROM `makes` m WHERE m.`id` = `one`.`id`), `at_ms`, `who`, 'gone' FROM `one`;--> statement-breakpoint
INSERT INTO `plate_parts` (`plate_id`, `lot_id`, `mass_g`, `certainty`)
  SELECT l.`id`, r.`lot_id`, r.`grams_per_cover`, 'certain' FROM `plates` l JOIN `raw_plates` r ON substr(l.`id`, 1, length(r.`id`) + 1) = r.`id` || '-';
