CREATE TABLE `station_day` (
	`place_id` varchar(36) NOT NULL,
	`day` date NOT NULL,
	`hours` json NOT NULL,
	`file_name` varchar(160) NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `station_day_place_id_day_pk` PRIMARY KEY(`place_id`,`day`)
);
--> statement-breakpoint
ALTER TABLE `entry` ADD `started_at` varchar(5);--> statement-breakpoint
ALTER TABLE `entry` ADD `ended_at` varchar(5);--> statement-breakpoint
ALTER TABLE `entry` ADD `worker` varchar(80) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `entry` ADD `lot` varchar(60) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `entry` ADD `equipment` varchar(80) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `entry` ADD `water_source` varchar(80) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `entry` ADD `partners` json;--> statement-breakpoint
ALTER TABLE `entry` ADD `weather` json;--> statement-breakpoint
ALTER TABLE `entry` ADD `re_entry_h` double;--> statement-breakpoint
ALTER TABLE `entry` ADD `product_id` varchar(36);--> statement-breakpoint
ALTER TABLE `entry` ADD `place_id` varchar(36) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `entry` ADD `search` text DEFAULT ('') NOT NULL;--> statement-breakpoint
ALTER TABLE `job` ADD `product_id` varchar(36);--> statement-breakpoint
ALTER TABLE `job` ADD `starts_at` varchar(5);--> statement-breakpoint
ALTER TABLE `job` ADD `is_locked` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `job` ADD `after_job_id` varchar(36);--> statement-breakpoint
ALTER TABLE `job` ADD `after_days` int;--> statement-breakpoint
ALTER TABLE `job` ADD `within_days` int;--> statement-breakpoint
ALTER TABLE `photo` ADD `entry_id` varchar(36);--> statement-breakpoint
ALTER TABLE `stand` ADD `care` json;--> statement-breakpoint
ALTER TABLE `station_day` ADD CONSTRAINT `station_day_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_product_id_product_id_fk` FOREIGN KEY (`product_id`) REFERENCES `product`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `job` ADD CONSTRAINT `job_product_id_product_id_fk` FOREIGN KEY (`product_id`) REFERENCES `product`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `entry_of_place` ON `entry` (`place_id`,`happened_on`,`created_at`);--> statement-breakpoint
DROP TRIGGER `entry_is_never_changed`;--> statement-breakpoint
UPDATE `entry` JOIN `stand` ON `stand`.`id` = `entry`.`stand_id` SET `entry`.`place_id` = `stand`.`place_id`, `entry`.`search` = LOWER(CONCAT_WS(' ', `stand`.`name`, REPLACE(`entry`.`source_id`, '-', ' '), `entry`.`note`, `entry`.`reason`, `entry`.`created_by`));--> statement-breakpoint
CREATE TRIGGER `entry_is_never_changed` BEFORE UPDATE ON `entry` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'entries are append-only: record a correction';
