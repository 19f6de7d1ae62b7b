CREATE TABLE `items` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`name` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `items_by_kind` ON `items` (`kind`,`name`);--> statement-breakpoint
CREATE TABLE `make_inputs` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`make_id` text NOT NULL,
	`lot_id` text,
	`item_id` text,
	`mass_g` real NOT NULL,
	`cents` integer NOT NULL,
	FOREIGN KEY (`make_id`) REFERENCES `makes`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`item_id`) REFERENCES `items`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `make_inputs_by_make` ON `make_inputs` (`make_id`);--> statement-breakpoint
CREATE INDEX `make_inputs_by_lot` ON `make_inputs` (`lot_id`);--> statement-breakpoint
CREATE TABLE `make_losses` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`make_id` text NOT NULL,
	`kind` text NOT NULL,
	`label` text NOT NULL,
	`part_id` text,
	`mass_g` real NOT NULL,
	FOREIGN KEY (`make_id`) REFERENCES `makes`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `make_losses_by_make` ON `make_losses` (`make_id`);--> statement-breakpoint
CREATE TABLE `make_outputs` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`make_id` text NOT NULL,
	`lot_id` text,
	`label` text NOT NULL,
	`part_id` text,
	`use` text,
	`mass_g` real NOT NULL,
	`cents` integer NOT NULL,
	FOREIGN KEY (`make_id`) REFERENCES `makes`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `make_outputs_by_make` ON `make_outputs` (`make_id`);--> statement-breakpoint
CREATE INDEX `make_outputs_by_lot` ON `make_outputs` (`lot_id`);--> statement-breakpoint
CREATE TABLE `makes` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	`spec_hash` text,
	`facts` text NOT NULL,
	FOREIGN KEY (`spec_hash`) REFERENCES `specs`(`hash`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `makes_by_kind` ON `makes` (`kind`,`at_ms`);--> statement-breakpoint
CREATE TABLE `specs` (
	`hash` text PRIMARY KEY NOT NULL,
	`spec_id` text NOT NULL,
	`kind` text NOT NULL,
	`name` text NOT NULL,
	`body` text NOT NULL,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `specs_by_id` ON `specs` (`spec_id`,`at_ms`);--> statement-breakpoint
CREATE TABLE `spots` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`name` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `ledger_subjects` (
	`seq` integer NOT NULL,
	`kind` text NOT NULL,
	`id` text NOT NULL,
	PRIMARY KEY(`seq`, `kind`, `id`),
	FOREIGN KEY (`seq`) REFERENCES `ledger`(`seq`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `ledger_subjects_by_subject` ON `ledger_subjects` (`kind`,`id`,`seq`);--> statement-breakpoint
CREATE TABLE `fish` (
	`lot_id` text PRIMARY KEY NOT NULL,
	`supplier_id` text NOT NULL,
	`species_id` text NOT NULL,
	`form` text NOT NULL,
	`production` text NOT NULL,
	`area` text NOT NULL,
	`gear` text NOT NULL,
	`source` text NOT NULL,
	`caught_at_ms` integer,
	`price_cents_per_kg` integer NOT NULL,
	`receipt_c` real NOT NULL,
	`grades` text NOT NULL,
	`verdict` text NOT NULL,
	`reasons` text NOT NULL,
	`implied_ice_days` real NOT NULL,
	`delivery_id` text,
	`once_frozen` integer DEFAULT false NOT NULL,
	`inherited_ice_days` real,
	`stated_mass_g` real,
	`provenance` text DEFAULT '{}' NOT NULL,
	`opened_on` text,
	`thawed_on` text,
	`part_label` text,
	`part_use` text,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`supplier_id`) REFERENCES `suppliers`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`delivery_id`) REFERENCES `deliveries`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `fish_by_supplier` ON `fish` (`supplier_id`);--> statement-breakpoint
CREATE INDEX `fish_by_delivery` ON `fish` (`delivery_id`);--> statement-breakpoint
-- every lot is a mass of an item; what only a fish has moves beside it
INSERT OR IGNORE INTO `items` (`id`, `kind`, `name`, `facts`)
  SELECT 'part:' || `species_id` || ':' || `form` || ':' || coalesce(`part_label`, ''), 'part',
    `species_id` || ', ' || coalesce(`part_label`, `form`),
    json_object('speciesId', `species_id`, 'form', `form`, 'partLabel', `part_label`) FROM `lots`;
--> statement-breakpoint
INSERT INTO `fish` SELECT `id`, `supplier_id`, `species_id`, `form`, `production`, `area`, `gear`, `source`, `caught_at_ms`, `price_cents_per_kg`,
  `receipt_c`, `grades`, `verdict`, `reasons`, `implied_ice_days`, `delivery_id`, `once_frozen`, `inherited_ice_days`, `stated_mass_g`,
  `provenance`, `opened_on`, `thawed_on`, `part_label`, `part_use` FROM `lots`;
--> statement-breakpoint
-- taking apart: the parts that were kept come out as lots, waste and what was missing are losses
INSERT INTO `makes` SELECT `id`, 'breakdown', `at_ms`, `who`, NULL,
  json_object('wayId', `way_id`, 'form', `form`, 'speciesId', `species_id`, 'supplierId', `supplier_id`) FROM `breakdowns`;
--> statement-breakpoint
INSERT INTO `make_inputs` (`make_id`, `lot_id`, `mass_g`, `cents`)
  SELECT b.`id`, b.`lot_id`, b.`whole_g`, cast(round(b.`whole_g` * l.`price_cents_per_kg` / 1000.0) AS integer)
  FROM `breakdowns` b JOIN `lots` l ON l.`id` = b.`lot_id`;
--> statement-breakpoint
INSERT INTO `make_outputs` (`make_id`, `lot_id`, `label`, `part_id`, `use`, `mass_g`, `cents`)
  SELECT p.`breakdown_id`, p.`child_id`, p.`label`, p.`part_id`, p.`use`, p.`mass_g`, cast(round(p.`mass_g` * c.`price_cents_per_kg` / 1000.0) AS integer)
  FROM `breakdown_parts` p JOIN `lots` c ON c.`id` = p.`child_id` ORDER BY p.`id`;
--> statement-breakpoint
INSERT INTO `make_losses` (`make_id`, `kind`, `label`, `part_id`, `mass_g`)
  SELECT `breakdown_id`, 'wasted', `label`, `part_id`, `mass_g` FROM `breakdown_parts` WHERE `child_id` IS NULL ORDER BY `id`;
--> statement-breakpoint
INSERT INTO `make_losses` (`make_id`, `kind`, `label`, `mass_g`) SELECT `id`, 'lost', '', `loss_g` FROM `breakdowns` WHERE `loss_g` > 0;
--> statement-breakpoint
-- cutting and counting: portions come out, trim as a lot of its own or as a loss
INSERT INTO `makes` SELECT `id`, 'cut', `cut_at_ms`, `cut_by`, NULL, json_object('code', `code`) FROM `batches`;
--> statement-breakpoint
INSERT INTO `make_outputs` (`make_id`, `lot_id`, `label`, `mass_g`, `cents`)
  SELECT b.`id`, c.`id`, 'Trim', c.`mass_g`, cast(round(c.`mass_g` * c.`price_cents_per_kg` / 1000.0) AS integer)
  FROM `batches` b JOIN `lots` c ON c.`parent_id` = b.`lot_id` AND c.`received_at_ms` = b.`cut_at_ms` AND c.`part_label` = 'Trim' AND b.`trim_g` = c.`mass_g`
  GROUP BY c.`id`;
--> statement-breakpoint
INSERT INTO `make_outputs` (`make_id`, `label`, `mass_g`, `cents`)
  SELECT b.`id`, 'Portions', sum(p.`mass_g`), cast(round(sum(p.`mass_g`) * l.`price_cents_per_kg` / 1000.0) AS integer)
  FROM `batches` b JOIN `portions` p ON p.`batch_id` = b.`id` JOIN `lots` l ON l.`id` = b.`lot_id` GROUP BY b.`id`;
--> statement-breakpoint
INSERT INTO `make_losses` (`make_id`, `kind`, `label`, `mass_g`)
  SELECT `id`, 'trimmed', 'Trim', `trim_g` FROM `batches`
  WHERE `trim_g` > 0 AND `id` NOT IN (SELECT `make_id` FROM `make_outputs` WHERE `label` = 'Trim');
--> statement-breakpoint
INSERT INTO `make_inputs` (`make_id`, `lot_id`, `mass_g`, `cents`)
  SELECT b.`id`, b.`lot_id`, b.`trim_g` + sum(p.`mass_g`), cast(round((b.`trim_g` + sum(p.`mass_g`)) * l.`price_cents_per_kg` / 1000.0) AS integer)
  FROM `batches` b JOIN `portions` p ON p.`batch_id` = b.`id` JOIN `lots` l ON l.`id` = b.`lot_id` GROUP BY b.`id`;
--> statement-breakpoint
-- every other part of a lot was split off it
INSERT INTO `makes` SELECT 'split:' || `id`, 'split', `received_at_ms`, `received_by`, NULL, '{}' FROM `lots`
  WHERE `parent_id` IS NOT NULL AND `id` NOT IN (SELECT `lot_id` FROM `make_outputs` WHERE `lot_id` IS NOT NULL);
--> statement-breakpoint
INSERT INTO `make_inputs` (`make_id`, `lot_id`, `mass_g`, `cents`)
  SELECT m.`id`, l.`parent_id`, l.`mass_g`, cast(round(l.`mass_g` * l.`price_cents_per_kg` / 1000.0) AS integer)
  FROM `makes` m JOIN `lots` l ON m.`id` = 'split:' || l.`id`;
--> statement-breakpoint
INSERT INTO `make_outputs` (`make_id`, `lot_id`, `label`, `mass_g`, `cents`)
  SELECT m.`id`, l.`id`, coalesce(l.`part_label`, ''), l.`mass_g`, cast(round(l.`mass_g` * l.`price_cents_per_kg` / 1000.0) AS integer)
  FROM `makes` m JOIN `lots` l ON m.`id` = 'split:' || l.`id`;
--> statement-breakpoint
-- raw plates and cures
INSERT INTO `makes` SELECT `id`, 'raw-plates', `at_ms`, `who`, NULL, json_object('dish', `dish`, 'covers', `covers`) FROM `plates`;
--> statement-breakpoint
INSERT INTO `make_inputs` (`make_id`, `lot_id`, `mass_g`, `cents`)
  SELECT p.`id`, p.`lot_id`, p.`used_g`, cast(round(p.`used_g` * l.`price_cents_per_kg` / 1000.0) AS integer)
  FROM `plates` p JOIN `lots` l ON l.`id` = p.`lot_id`;
--> statement-breakpoint
INSERT INTO `make_outputs` (`make_id`, `label`, `mass_g`, `cents`)
  SELECT p.`id`, 'Plates', min(p.`used_g`, p.`covers` * p.`grams_per_cover`), cast(round(p.`used_g` * l.`price_cents_per_kg` / 1000.0) AS integer)
  FROM `plates` p JOIN `lots` l ON l.`id` = p.`lot_id`;
--> statement-breakpoint
INSERT INTO `make_losses` (`make_id`, `kind`, `label`, `mass_g`)
  SELECT `id`, 'trimmed', '', `used_g` - `covers` * `grams_per_cover` FROM `plates` WHERE `used_g` > `covers` * `grams_per_cover`;
--> statement-breakpoint
INSERT INTO `makes` SELECT 'cure:' || `id`, 'cure', `started_at_ms`, `started_by`, NULL, json_object('holdId', `id`, 'lotId', `lot_id`) FROM `holds` WHERE `kind` = 'cure';
--> statement-breakpoint
-- what an entry is about, to find it by
INSERT INTO `ledger_subjects` SELECT `seq`, 'lot', `lot_id` FROM `ledger` WHERE `lot_id` IS NOT NULL;
--> statement-breakpoint
INSERT INTO `ledger_subjects` SELECT `seq`, 'batch', `batch_id` FROM `ledger` WHERE `batch_id` IS NOT NULL;
--> statement-breakpoint
INSERT INTO `ledger_subjects` SELECT `seq`, 'cook', `cook_id` FROM `ledger` WHERE `cook_id` IS NOT NULL;
--> statement-breakpoint
CREATE TRIGGER `ledger_subjects_no_update` BEFORE UPDATE ON `ledger_subjects` BEGIN SELECT RAISE(ABORT, 'the ledger is only ever added to'); END;
--> statement-breakpoint
CREATE TRIGGER `ledger_subjects_no_delete` BEFORE DELETE ON `ledger_subjects` BEGIN SELECT RAISE(ABORT, 'the ledger is only ever added to'); END;
--> statement-breakpoint
-- a station to begin with; the house changes it
INSERT INTO `spots` VALUES
  ('burner-1', 'burner', 'Small burner', '{"netPowerW":900}'), ('burner-2', 'burner', 'Burner', '{"netPowerW":1850}'),
  ('burner-3', 'burner', 'Burner, right', '{"netPowerW":1850}'), ('burner-4', 'burner', 'Big burner', '{"netPowerW":2200}'),
  ('oven', 'oven', 'Oven', '{"usualC":180}'), ('salamander', 'salamander', 'Salamander', '{}'),
  ('bain', 'bain', 'Bain', '{"usualC":55}'), ('fryer', 'fryer', 'Fryer', '{"usualC":175}'), ('bath', 'bath', 'Ice bath', '{}');
--> statement-breakpoint
DROP TABLE `breakdown_parts`;--> statement-breakpoint
DROP TABLE `breakdowns`;--> statement-breakpoint
CREATE TABLE `__new_lots` (
	`id` text PRIMARY KEY NOT NULL,
	`code` text NOT NULL,
	`item_id` text NOT NULL,
	`received_at_ms` integer NOT NULL,
	`received_by` text NOT NULL,
	`mass_g` real NOT NULL,
	`remaining_g` real NOT NULL,
	`total_cents` integer NOT NULL,
	`remaining_cents` integer NOT NULL,
	`status` text NOT NULL,
	`state` text DEFAULT 'chilled' NOT NULL,
	`place_id` text,
	`parent_id` text,
	`use_by_ms` integer,
	`allergens` text,
	FOREIGN KEY (`item_id`) REFERENCES `items`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`place_id`) REFERENCES `places`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`parent_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "lot_mass" CHECK("mass_g" > 0 and "remaining_g" >= 0 and "remaining_g" <= "mass_g"),
	CONSTRAINT "lot_cents" CHECK("remaining_cents" >= 0 and "remaining_cents" <= "total_cents")
);
--> statement-breakpoint
INSERT INTO `__new_lots` SELECT `id`, `code`, 'part:' || `species_id` || ':' || `form` || ':' || coalesce(`part_label`, ''), `received_at_ms`, `received_by`,
  `mass_g`, `remaining_g`, cast(round(`mass_g` * `price_cents_per_kg` / 1000.0) AS integer), cast(round(`remaining_g` * `price_cents_per_kg` / 1000.0) AS integer),
  `status`, `state`, `place_id`, `parent_id`, NULL, NULL FROM `lots`;--> statement-breakpoint
DROP TABLE `lots`;--> statement-breakpoint
ALTER TABLE `__new_lots` RENAME TO `lots`;--> statement-breakpoint
CREATE UNIQUE INDEX `lots_code_unique` ON `lots` (`code`);--> statement-breakpoint
CREATE INDEX `lots_by_status` ON `lots` (`status`);--> statement-breakpoint
CREATE INDEX `lots_by_arrival` ON `lots` (`received_at_ms`);--> statement-breakpoint
CREATE INDEX `lots_by_parent` ON `lots` (`parent_id`);--> statement-breakpoint
CREATE INDEX `lots_by_item` ON `lots` (`item_id`);--> statement-breakpoint
ALTER TABLE `hot_holds` ADD `lot_id` text REFERENCES lots(id);--> statement-breakpoint
CREATE VIEW `fish_lots` AS select "lots"."id", "lots"."code", "lots"."item_id", "lots"."received_at_ms", "lots"."received_by", "lots"."mass_g", "lots"."remaining_g", "lots"."total_cents", "lots"."remaining_cents", "lots"."status", "lots"."state", "lots"."place_id", "lots"."parent_id", "lots"."use_by_ms", "lots"."allergens", "fish"."supplier_id", "fish"."species_id", "fish"."form", "fish"."production", "fish"."area", "fish"."gear", "fish"."source", "fish"."caught_at_ms", "fish"."price_cents_per_kg", "fish"."receipt_c", "fish"."grades", "fish"."verdict", "fish"."reasons", "fish"."implied_ice_days", "fish"."delivery_id", "fish"."once_frozen", "fish"."inherited_ice_days", "fish"."stated_mass_g", "fish"."provenance", "fish"."opened_on", "fish"."thawed_on", "fish"."part_label", "fish"."part_use" from "lots" inner join "fish" on "fish"."lot_id" = "lots"."id";