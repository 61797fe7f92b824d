CREATE TABLE `push_subscription` (
	`id` varchar(36) NOT NULL,
	`person_id` varchar(36) NOT NULL,
	`session_id` varchar(36),
	`device` varchar(120) NOT NULL,
	`endpoint` varchar(1000) NOT NULL,
	`mark` varchar(64) NOT NULL,
	`p256dh` varchar(90) NOT NULL,
	`auth` varchar(30) NOT NULL,
	`kinds` json NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `push_subscription_id` PRIMARY KEY(`id`),
	CONSTRAINT `push_subscription_by_mark` UNIQUE(`mark`)
);--> statement-breakpoint
CREATE TABLE `record_link` (
	`id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`token` varchar(64) NOT NULL,
	`stand_id` varchar(36),
	`from_day` date,
	`to_day` date,
	`expires_on` date NOT NULL,
	`opened_at` datetime(3),
	`is_withdrawn` boolean NOT NULL DEFAULT false,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `record_link_id` PRIMARY KEY(`id`),
	CONSTRAINT `record_link_by_token` UNIQUE(`token`)
);--> statement-breakpoint
ALTER TABLE `told` MODIFY COLUMN `notice_id` varchar(160) NOT NULL;--> statement-breakpoint
ALTER TABLE `installation` ADD `push_keys` json;--> statement-breakpoint
ALTER TABLE `job` ADD `hands` json;--> statement-breakpoint
ALTER TABLE `job` ADD `under_way` json;--> statement-breakpoint
ALTER TABLE `push_subscription` ADD CONSTRAINT `push_subscription_person_id_person_id_fk` FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `push_subscription` ADD CONSTRAINT `push_subscription_session_id_session_id_fk` FOREIGN KEY (`session_id`) REFERENCES `session`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `record_link` ADD CONSTRAINT `record_link_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `push_subscription_of_person` ON `push_subscription` (`person_id`);--> statement-breakpoint
CREATE INDEX `record_link_of_place` ON `record_link` (`place_id`);
