CREATE TABLE `sheet_tick` (
	`job_id` varchar(36) NOT NULL,
	`part` varchar(10) NOT NULL,
	`number` int NOT NULL,
	`is_ticked` boolean NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `sheet_tick_job_id_part_number_pk` PRIMARY KEY(`job_id`,`part`,`number`)
);--> statement-breakpoint
ALTER TABLE `sheet_tick` ADD CONSTRAINT `sheet_tick_job_id_job_id_fk` FOREIGN KEY (`job_id`) REFERENCES `job`(`id`) ON DELETE no action ON UPDATE no action;
