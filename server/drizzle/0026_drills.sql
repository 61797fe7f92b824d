CREATE TABLE `drill` (
	`id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`kind` varchar(20) NOT NULL,
	`context` varchar(20) NOT NULL,
	`plant_id` varchar(60) NOT NULL,
	`cause_id` varchar(80) NOT NULL,
	`against` varchar(80),
	`seed` double NOT NULL,
	`said_id` varchar(80) NOT NULL,
	`asked` json NOT NULL,
	`answered_on` date NOT NULL,
	`score` json NOT NULL,
	`is_struck` boolean NOT NULL DEFAULT false,
	`version` int NOT NULL DEFAULT 1,
	`changed_by` varchar(80),
	`changed_at` datetime(3),
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `drill_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `drill` ADD CONSTRAINT `drill_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `drill_of_place` ON `drill` (`place_id`,`answered_on`);