CREATE TABLE `chlorosis_case` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`opened_on` date NOT NULL,
	`closed_on` date,
	`outcome` varchar(20),
	`outcome_note` text NOT NULL,
	`closed_by` varchar(80),
	`closed_at` datetime(3),
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `chlorosis_case_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `entry` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`case_id` varchar(36) NOT NULL,
	`job_id` varchar(36) NOT NULL,
	`happened_on` date NOT NULL,
	`route` varchar(20) NOT NULL,
	`source_id` varchar(40) NOT NULL,
	`planned_product_kg` double NOT NULL,
	`product_kg` double NOT NULL,
	`water_l` double NOT NULL,
	`note` text NOT NULL,
	`corrects_id` varchar(36),
	`reason` text NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `entry_id` PRIMARY KEY(`id`),
	CONSTRAINT `entry_corrected_once` UNIQUE(`corrects_id`),
	CONSTRAINT `entry_not_negative` CHECK(`entry`.`product_kg` >= 0 AND `entry`.`water_l` >= 0)
);
--> statement-breakpoint
CREATE TABLE `job` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`case_id` varchar(36) NOT NULL,
	`remedy_id` varchar(36) NOT NULL,
	`kind` varchar(20) NOT NULL,
	`title` varchar(160) NOT NULL,
	`due_on` date NOT NULL,
	`status` varchar(20) NOT NULL,
	`share` double NOT NULL,
	`route` varchar(20) NOT NULL,
	`source_id` varchar(40) NOT NULL,
	`changed_by` varchar(80),
	`changed_at` datetime(3),
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `job_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `look` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`case_id` varchar(36) NOT NULL,
	`looked_on` date NOT NULL,
	`findings` json NOT NULL,
	`paint` json NOT NULL,
	`note` text NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `look_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `place` (
	`id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`unit_system` varchar(10) NOT NULL,
	`climate` varchar(20) NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `place_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `reading` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`kind` varchar(30) NOT NULL,
	`value` double NOT NULL,
	`method` varchar(20) NOT NULL,
	`taken_on` date NOT NULL,
	`note` text NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `reading_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `remedy` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`case_id` varchar(36) NOT NULL,
	`cause_id` varchar(60) NOT NULL,
	`verdict` json NOT NULL,
	`route` varchar(20) NOT NULL,
	`source_id` varchar(40) NOT NULL,
	`rate_id` varchar(60) NOT NULL,
	`rate_value` double NOT NULL,
	`carrier_value` double,
	`tank_l` double,
	`iron_share` double NOT NULL,
	`apply_on` date NOT NULL,
	`product_kg` double NOT NULL,
	`iron_kg` double NOT NULL,
	`carrier_l` double NOT NULL,
	`derivation` json NOT NULL,
	`lasting` text NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `remedy_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `stand` (
	`id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`position` int NOT NULL,
	`name` varchar(80) NOT NULL,
	`context` varchar(20) NOT NULL,
	`plant_id` varchar(60) NOT NULL,
	`size` json NOT NULL,
	`note` text NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `stand_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `story_event` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`kind` varchar(30) NOT NULL,
	`happened_on` date NOT NULL,
	`from_ph` double,
	`to_ph` double,
	`note` text NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `story_event_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `chlorosis_case` ADD CONSTRAINT `chlorosis_case_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_case_id_chlorosis_case_id_fk` FOREIGN KEY (`case_id`) REFERENCES `chlorosis_case`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `job` ADD CONSTRAINT `job_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `job` ADD CONSTRAINT `job_case_id_chlorosis_case_id_fk` FOREIGN KEY (`case_id`) REFERENCES `chlorosis_case`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `job` ADD CONSTRAINT `job_remedy_id_remedy_id_fk` FOREIGN KEY (`remedy_id`) REFERENCES `remedy`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `look` ADD CONSTRAINT `look_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `look` ADD CONSTRAINT `look_case_id_chlorosis_case_id_fk` FOREIGN KEY (`case_id`) REFERENCES `chlorosis_case`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `reading` ADD CONSTRAINT `reading_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `remedy` ADD CONSTRAINT `remedy_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `remedy` ADD CONSTRAINT `remedy_case_id_chlorosis_case_id_fk` FOREIGN KEY (`case_id`) REFERENCES `chlorosis_case`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `stand` ADD CONSTRAINT `stand_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `story_event` ADD CONSTRAINT `story_event_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `case_of_stand` ON `chlorosis_case` (`stand_id`,`opened_on`);--> statement-breakpoint
CREATE INDEX `entry_of_stand` ON `entry` (`stand_id`,`happened_on`);--> statement-breakpoint
CREATE INDEX `job_of_stand` ON `job` (`stand_id`,`due_on`);--> statement-breakpoint
CREATE INDEX `look_of_stand` ON `look` (`stand_id`,`looked_on`);--> statement-breakpoint
CREATE INDEX `reading_of_stand` ON `reading` (`stand_id`,`taken_on`);--> statement-breakpoint
CREATE INDEX `remedy_of_stand` ON `remedy` (`stand_id`);--> statement-breakpoint
CREATE INDEX `stand_of_place` ON `stand` (`place_id`,`position`);--> statement-breakpoint
CREATE INDEX `event_of_stand` ON `story_event` (`stand_id`,`happened_on`);