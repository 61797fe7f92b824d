CREATE TABLE `told` (
	`person_id` varchar(36) NOT NULL,
	`notice_id` varchar(120) NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `told_person_id_notice_id_pk` PRIMARY KEY(`person_id`,`notice_id`)
);--> statement-breakpoint
ALTER TABLE `person` ADD `email` varchar(200);--> statement-breakpoint
ALTER TABLE `person` ADD `mail_kinds` json;--> statement-breakpoint
ALTER TABLE `told` ADD CONSTRAINT `told_person_id_person_id_fk` FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `told_at` ON `told` (`at`);
