CREATE TABLE `trial` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`name` varchar(120) NOT NULL,
	`design` json NOT NULL,
	`seed` double NOT NULL,
	`plot_length_m` double NOT NULL,
	`plot_width_m` double NOT NULL,
	`scale` varchar(30) NOT NULL,
	`started_on` date NOT NULL,
	`note` text NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `trial_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `trial_rating` (
	`id` varchar(36) NOT NULL,
	`trial_id` varchar(36) NOT NULL,
	`plot` int NOT NULL,
	`rated_on` date NOT NULL,
	`value` double NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `trial_rating_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `zone` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`name` varchar(60) NOT NULL,
	`outline` json NOT NULL,
	`origin` json,
	`score` double,
	`scored_on` date,
	`is_taken_away` boolean NOT NULL DEFAULT false,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `zone_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `photo` ADD `measure` json;--> statement-breakpoint
ALTER TABLE `trial` ADD CONSTRAINT `trial_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `trial_rating` ADD CONSTRAINT `trial_rating_trial_id_trial_id_fk` FOREIGN KEY (`trial_id`) REFERENCES `trial`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `zone` ADD CONSTRAINT `zone_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `trial_of_stand` ON `trial` (`stand_id`,`created_at`);--> statement-breakpoint
CREATE INDEX `rating_of_trial` ON `trial_rating` (`trial_id`,`rated_on`);--> statement-breakpoint
CREATE INDEX `zone_of_stand` ON `zone` (`stand_id`,`created_at`);