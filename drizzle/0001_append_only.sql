CREATE TRIGGER `ledger_no_update` BEFORE UPDATE ON `ledger` BEGIN SELECT RAISE(ABORT, 'the ledger is only ever added to'); END;
--> statement-breakpoint
CREATE TRIGGER `ledger_no_delete` BEFORE DELETE ON `ledger` BEGIN SELECT RAISE(ABORT, 'the ledger is only ever added to'); END;
--> statement-breakpoint
CREATE TRIGGER `cook_events_no_update` BEFORE UPDATE ON `cook_events` BEGIN SELECT RAISE(ABORT, 'cook events are only ever added to'); END;
--> statement-breakpoint
CREATE TRIGGER `cook_events_no_delete` BEFORE DELETE ON `cook_events` BEGIN SELECT RAISE(ABORT, 'cook events are only ever added to'); END;
