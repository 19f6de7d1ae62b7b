ALTER TABLE `house` ADD `vat_pct` real DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `house` ADD `extra_cents` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `house` ADD `target_pct` real DEFAULT 30 NOT NULL;