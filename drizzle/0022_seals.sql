CREATE TABLE `state_seals` (
	`name` text PRIMARY KEY NOT NULL,
	`columns` text NOT NULL,
	`rows` integer NOT NULL,
	`sum` text NOT NULL,
	`wrong_at_ms` integer
);
