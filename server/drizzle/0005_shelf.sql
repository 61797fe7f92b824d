CREATE TABLE `product` (
	`id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`source_id` varchar(40) NOT NULL,
	`label` json NOT NULL,
	`pack_price` double,
	`pack_kg` double,
	`density_kg_per_l` double,
	`stock_kg` double,
	`lot` varchar(60) NOT NULL,
	`label_maximum` json,
	`stain` varchar(20) NOT NULL,
	`organic` varchar(20) NOT NULL,
	`hazards` varchar(500) NOT NULL,
	`note` text NOT NULL,
	`is_retired` boolean NOT NULL,
	`changed_by` varchar(80),
	`changed_at` datetime(3),
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `product_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `remedy` ADD `aim` varchar(20);--> statement-breakpoint
ALTER TABLE `remedy` ADD `product_id` varchar(36);--> statement-breakpoint
ALTER TABLE `product` ADD CONSTRAINT `product_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `product_of_place` ON `product` (`place_id`,`name`);--> statement-breakpoint
ALTER TABLE `remedy` ADD CONSTRAINT `remedy_product_id_product_id_fk` FOREIGN KEY (`product_id`) REFERENCES `product`(`id`) ON DELETE no action ON UPDATE no action;