CREATE TABLE `hold` (
	`id` varchar(36) NOT NULL,
	`times` int NOT NULL,
	CONSTRAINT `hold_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `under_way` (
	`id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`stored` int NOT NULL,
	`total` int NOT NULL,
	`begun_at` datetime(3) NOT NULL,
	CONSTRAINT `under_way_id` PRIMARY KEY(`id`)
);
