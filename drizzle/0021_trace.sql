CREATE TABLE `packs` (
	`lot_id` text PRIMARY KEY NOT NULL,
	`supplier` text NOT NULL,
	`supplier_lot` text NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `packs_by_supplier_lot` ON `packs` (`supplier_lot`);--> statement-breakpoint
ALTER TABLE `tickets` ADD `guest` text;--> statement-breakpoint
ALTER TABLE `suppliers` ADD `phone` text;--> statement-breakpoint
CREATE INDEX `ledger_by_kind` ON `ledger` (`kind`,`seq`);