ALTER TABLE `job` MODIFY COLUMN `remedy_id` varchar(36);--> statement-breakpoint
ALTER TABLE `job` MODIFY COLUMN `route` varchar(20);--> statement-breakpoint
ALTER TABLE `job` MODIFY COLUMN `source_id` varchar(40);--> statement-breakpoint
ALTER TABLE `job` ADD `check_id` varchar(40);