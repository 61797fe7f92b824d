CREATE TABLE `jar_test` (
	`id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`source_id` varchar(40) NOT NULL,
	`kind_id` varchar(40) NOT NULL,
	`partner_name` varchar(80) NOT NULL,
	`tested_on` date NOT NULL,
	`outcome` varchar(20) NOT NULL,
	`note` text NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `jar_test_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `sprayer` (
	`id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`setup` json NOT NULL,
	`calibration` json,
	`is_retired` boolean NOT NULL,
	`changed_by` varchar(80),
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `sprayer_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `remedy` ADD `density_kg_per_l` double;--> statement-breakpoint
ALTER TABLE `remedy` ADD `sprayer_id` varchar(36);--> statement-breakpoint
ALTER TABLE `remedy` ADD `partners` json;--> statement-breakpoint
ALTER TABLE `remedy` ADD `water_in_after_h` double;--> statement-breakpoint
ALTER TABLE `remedy` ADD `conditioning` json;--> statement-breakpoint
ALTER TABLE `remedy` ADD `dose_days` int;--> statement-breakpoint
ALTER TABLE `stand` ADD `measures` json;--> statement-breakpoint
ALTER TABLE `jar_test` ADD CONSTRAINT `jar_test_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `sprayer` ADD CONSTRAINT `sprayer_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `jar_test_of_place` ON `jar_test` (`place_id`,`tested_on`);--> statement-breakpoint
CREATE INDEX `sprayer_of_place` ON `sprayer` (`place_id`,`name`);--> statement-breakpoint
ALTER TABLE `remedy` ADD CONSTRAINT `remedy_sprayer_id_sprayer_id_fk` FOREIGN KEY (`sprayer_id`) REFERENCES `sprayer`(`id`) ON DELETE no action ON UPDATE no action;