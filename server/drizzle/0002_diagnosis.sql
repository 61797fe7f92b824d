CREATE TABLE `laboratory_import` (
	`id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`laboratory` varchar(80) NOT NULL,
	`file_name` varchar(160) NOT NULL,
	`reading_count` int NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `laboratory_import_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `laboratory_order` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`laboratory` varchar(80) NOT NULL,
	`ordered_on` date NOT NULL,
	`ready_on` date NOT NULL,
	`packets` json NOT NULL,
	`places` json NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `laboratory_order_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `photo` (
	`id` varchar(36) NOT NULL,
	`stand_id` varchar(36) NOT NULL,
	`case_id` varchar(36),
	`file_name` varchar(160) NOT NULL,
	`type` varchar(20) NOT NULL,
	`byte_count` int NOT NULL,
	`width_px` int NOT NULL,
	`height_px` int NOT NULL,
	`taken_on` date,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `photo_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `photo_bytes` (
	`id` varchar(36) NOT NULL,
	`bytes` mediumblob NOT NULL,
	CONSTRAINT `photo_bytes_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `place` ADD `settings` json;--> statement-breakpoint
ALTER TABLE `reading` ADD `preparation` varchar(20);--> statement-breakpoint
ALTER TABLE `reading` ADD `place` varchar(20);--> statement-breakpoint
ALTER TABLE `reading` ADD `doubt` double;--> statement-breakpoint
ALTER TABLE `reading` ADD `instrument` varchar(120) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `laboratory_import` ADD CONSTRAINT `laboratory_import_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `laboratory_order` ADD CONSTRAINT `laboratory_order_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_case_id_chlorosis_case_id_fk` FOREIGN KEY (`case_id`) REFERENCES `chlorosis_case`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo_bytes` ADD CONSTRAINT `photo_bytes_id_photo_id_fk` FOREIGN KEY (`id`) REFERENCES `photo`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `order_of_stand` ON `laboratory_order` (`stand_id`,`ordered_on`);--> statement-breakpoint
CREATE INDEX `photo_of_stand` ON `photo` (`stand_id`,`created_at`);