CREATE TABLE `acid_plan` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`starts_on` date NOT NULL,
	`from_ph` double NOT NULL,
	`ph_doubt` double NOT NULL,
	`target_ph` double NOT NULL,
	`situation` varchar(20) NOT NULL,
	`ground_m2` double NOT NULL,
	`ground` json NOT NULL,
	`water` json,
	`steps` json NOT NULL,
	`retests` json NOT NULL,
	`note` text NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `acid_plan_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `entry` MODIFY COLUMN `case_id` varchar(36);--> statement-breakpoint
ALTER TABLE `job` MODIFY COLUMN `case_id` varchar(36);--> statement-breakpoint
ALTER TABLE `job` ADD `acid_plan_id` varchar(36);--> statement-breakpoint
ALTER TABLE `job` ADD `planned_kg` double;--> statement-breakpoint
ALTER TABLE `acid_plan` ADD CONSTRAINT `acid_plan_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `acid_plan_of_stand` ON `acid_plan` (`stand_id`,`created_at`);--> statement-breakpoint
ALTER TABLE `job` ADD CONSTRAINT `job_acid_plan_id_acid_plan_id_fk` FOREIGN KEY (`acid_plan_id`) REFERENCES `acid_plan`(`id`) ON DELETE no action ON UPDATE no action;