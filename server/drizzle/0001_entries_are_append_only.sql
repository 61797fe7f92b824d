CREATE TRIGGER `entry_is_never_changed` BEFORE UPDATE ON `entry` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'entries are append-only: record a correction';
--> statement-breakpoint
CREATE TRIGGER `entry_is_never_removed` BEFORE DELETE ON `entry` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'entries are append-only: record a correction';
