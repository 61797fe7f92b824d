CREATE TABLE `advice` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`given_on` date NOT NULL,
	`words` text NOT NULL,
	`is_struck` boolean NOT NULL DEFAULT false,
	`version` int NOT NULL DEFAULT 1,
	`changed_by` varchar(80),
	`changed_at` datetime(3),
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `advice_id` PRIMARY KEY(`id`)
);--> statement-breakpoint
CREATE TABLE `hold` (
	`id` varchar(36) NOT NULL,
	`times` int NOT NULL,
	CONSTRAINT `hold_id` PRIMARY KEY(`id`)
);--> statement-breakpoint
CREATE TABLE `place_state` (
	`place_id` varchar(36) NOT NULL,
	`changes` int NOT NULL,
	`counted_at` int,
	`greenness` double,
	`state` json,
	CONSTRAINT `place_state_place_id` PRIMARY KEY(`place_id`)
);--> statement-breakpoint
CREATE TABLE `under_way` (
	`id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`stored` int NOT NULL,
	`total` int NOT NULL,
	`begun_at` datetime(3) NOT NULL,
	CONSTRAINT `under_way_id` PRIMARY KEY(`id`)
);--> statement-breakpoint
ALTER TABLE `entry` ADD `licence` varchar(40) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `product` ADD `applicator` varchar(20);--> statement-breakpoint
ALTER TABLE `advice` ADD CONSTRAINT `advice_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `place_state` ADD CONSTRAINT `place_state_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `advice_of_stand` ON `advice` (`stand_id`,`given_on`);
--> statement-breakpoint
ALTER TABLE `advice` ADD `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;
