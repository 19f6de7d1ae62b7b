PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_cooks` (
	`id` text PRIMARY KEY NOT NULL,
	`batch_id` text,
	`species_id` text,
	`pan_name` text,
	`started_at_ms` integer NOT NULL,
	`started_by` text NOT NULL,
	`pieces` integer NOT NULL,
	`plan` text NOT NULL,
	`open` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
INSERT INTO `__new_cooks`("id", "batch_id", "species_id", "pan_name", "started_at_ms", "started_by", "pieces", "plan", "open") SELECT "id", "batch_id", NULL, NULL, "started_at_ms", "started_by", "pieces", "plan", "open" FROM `cooks`;--> statement-breakpoint
DROP TABLE `cooks`;--> statement-breakpoint
ALTER TABLE `__new_cooks` RENAME TO `cooks`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE INDEX `cooks_by_open` ON `cooks` (`open`);--> statement-breakpoint
CREATE INDEX `cooks_by_batch` ON `cooks` (`batch_id`);