CREATE TABLE `device_keys` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`subject_id` text NOT NULL,
	`key_hash` text NOT NULL,
	`made_at_ms` integer NOT NULL,
	`made_by` text NOT NULL,
	`last_seen_ms` integer,
	`ended_at_ms` integer
);
--> statement-breakpoint
CREATE UNIQUE INDEX `device_keys_key_hash_unique` ON `device_keys` (`key_hash`);--> statement-breakpoint
CREATE INDEX `device_keys_by_subject` ON `device_keys` (`kind`,`subject_id`);--> statement-breakpoint
ALTER TABLE `house` ADD `host_names` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
INSERT OR IGNORE INTO `device_keys` (`id`, `kind`, `subject_id`, `key_hash`, `made_at_ms`, `made_by`)
	SELECT lower(hex(randomblob(16))), 'sensor', `id`, gaffel_sha256(`device_key`), coalesce((SELECT `created_at_ms` FROM `house`), 0), 'house'
	FROM `places` WHERE device_key is not null;--> statement-breakpoint
INSERT OR IGNORE INTO `device_keys` (`id`, `kind`, `subject_id`, `key_hash`, `made_at_ms`, `made_by`)
	SELECT lower(hex(randomblob(16))), 'scale', `id`, gaffel_sha256(`device_key`), coalesce((SELECT `created_at_ms` FROM `house`), 0), 'house'
	FROM `scales` WHERE 1;--> statement-breakpoint
INSERT OR IGNORE INTO `device_keys` (`id`, `kind`, `subject_id`, `key_hash`, `made_at_ms`, `made_by`)
	SELECT lower(hex(randomblob(16))), 'probe', `id`, gaffel_sha256(`device_key`), coalesce((SELECT `created_at_ms` FROM `house`), 0), 'house'
	FROM `probes` WHERE name <> 'Files';--> statement-breakpoint
INSERT OR IGNORE INTO `device_keys` (`id`, `kind`, `subject_id`, `key_hash`, `made_at_ms`, `made_by`)
	SELECT lower(hex(randomblob(16))), 'tickets', `id`, gaffel_sha256(`device_key`), coalesce((SELECT `created_at_ms` FROM `house`), 0), 'house'
	FROM `ticket_senders` WHERE 1;--> statement-breakpoint
DELETE FROM `intentions` WHERE `action` IN ('makeDeviceKey', 'addScale', 'addProbe', 'addSender');--> statement-breakpoint
ALTER TABLE `scales` DROP COLUMN `device_key`;--> statement-breakpoint
ALTER TABLE `places` DROP COLUMN `device_key`;--> statement-breakpoint
ALTER TABLE `ticket_senders` DROP COLUMN `device_key`;--> statement-breakpoint
ALTER TABLE `probes` DROP COLUMN `device_key`;