CREATE TABLE `eye_sitting` (
	`id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`scale` varchar(40) NOT NULL,
	`rated_on` date NOT NULL,
	`seed` double NOT NULL,
	`said` json NOT NULL,
	`shown` json NOT NULL,
	`screen` text NOT NULL,
	`is_struck` boolean NOT NULL DEFAULT false,
	`version` int NOT NULL DEFAULT 1,
	`changed_by` varchar(80),
	`changed_at` datetime(3),
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `eye_sitting_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `eye_sitting` ADD CONSTRAINT `eye_sitting_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `eye_sitting_of_place` ON `eye_sitting` (`place_id`,`rated_on`);