CREATE TABLE `order_days` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`order_id` text NOT NULL,
	`day` text NOT NULL,
	`lot_id` text,
	`at_ms` integer NOT NULL,
	`who` text NOT NULL,
	FOREIGN KEY (`order_id`) REFERENCES `orders`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lots`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `order_days_by_day` ON `order_days` (`order_id`,`day`);--> statement-breakpoint
CREATE TABLE `orders` (
	`id` text PRIMARY KEY NOT NULL,
	`supplier` text NOT NULL,
	`species_id` text NOT NULL,
	`form` text NOT NULL,
	`frozen` integer NOT NULL,
	`mass_g` real NOT NULL,
	`price_cents_per_kg` integer,
	`day` text,
	`weekday` integer,
	`placed_on` text NOT NULL,
	`placed_by` text NOT NULL,
	`placed_at_ms` integer NOT NULL,
	`ended_at_ms` integer,
	CONSTRAINT "once_or_every_week" CHECK(("orders"."day" is null) <> ("orders"."weekday" is null))
);
--> statement-breakpoint
CREATE INDEX `orders_by_day` ON `orders` (`day`);--> statement-breakpoint
CREATE INDEX `orders_by_weekday` ON `orders` (`weekday`);