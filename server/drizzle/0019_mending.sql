CREATE TABLE `history` (
	`id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`stand_id` varchar(36),
	`kind` varchar(20) NOT NULL,
	`row_id` varchar(36) NOT NULL,
	`act` varchar(20) NOT NULL,
	`changes` json NOT NULL,
	`reason` varchar(500) NOT NULL,
	`group_id` varchar(36) NOT NULL,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `history_id` PRIMARY KEY(`id`)
);--> statement-breakpoint
ALTER TABLE `history` ADD `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
ALTER TABLE `chlorosis_case` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `chlorosis_case` ADD `changed_by` varchar(80);--> statement-breakpoint
ALTER TABLE `chlorosis_case` ADD `changed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `entry` ADD `is_struck` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `entry` ADD `imported` json;--> statement-breakpoint
ALTER TABLE `jar_test` ADD `is_struck` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `jar_test` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `jar_test` ADD `changed_by` varchar(80);--> statement-breakpoint
ALTER TABLE `jar_test` ADD `changed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `job` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `look` ADD `imported` json;--> statement-breakpoint
ALTER TABLE `look` ADD `is_struck` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `look` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `look` ADD `changed_by` varchar(80);--> statement-breakpoint
ALTER TABLE `look` ADD `changed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `photo` ADD `is_struck` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `photo` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `place` ADD `is_archived` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `place` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `product` ADD `imported` json;--> statement-breakpoint
ALTER TABLE `product` ADD `lot_use_by` date;--> statement-breakpoint
ALTER TABLE `product` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `reading` ADD `came` json;--> statement-breakpoint
UPDATE `reading` SET `came` = CASE WHEN `instrument` LIKE '%simulated%' THEN JSON_OBJECT('how', 'simulated', 'by', `instrument`) WHEN `method` = 'photo' THEN JSON_OBJECT('how', 'computed', 'by', 'photo') WHEN `instrument` <> '' THEN JSON_OBJECT('how', 'measured', 'by', `instrument`) ELSE JSON_OBJECT('how', 'typed') END;--> statement-breakpoint
ALTER TABLE `reading` MODIFY `came` json NOT NULL;--> statement-breakpoint
ALTER TABLE `reading` ADD `is_struck` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `reading` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `reading` ADD `changed_by` varchar(80);--> statement-breakpoint
ALTER TABLE `reading` ADD `changed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `sprayer` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `stand` ADD `merged_into_id` varchar(36);--> statement-breakpoint
ALTER TABLE `stand` ADD `imported` json;--> statement-breakpoint
ALTER TABLE `stand` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `story_event` ADD `imported` json;--> statement-breakpoint
ALTER TABLE `story_event` ADD `is_struck` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `story_event` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `story_event` ADD `changed_by` varchar(80);--> statement-breakpoint
ALTER TABLE `story_event` ADD `changed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `trial` ADD `is_struck` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `trial` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `trial` ADD `changed_by` varchar(80);--> statement-breakpoint
ALTER TABLE `trial` ADD `changed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `trial_rating` ADD `is_struck` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `trial_rating` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `trial_rating` ADD `changed_by` varchar(80);--> statement-breakpoint
ALTER TABLE `trial_rating` ADD `changed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `zone` ADD `imported` json;--> statement-breakpoint
ALTER TABLE `zone` ADD `version` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `history` ADD CONSTRAINT `history_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `history` ADD CONSTRAINT `history_stand_id_stand_id_fk` FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `history_of_place` ON `history` (`place_id`,`created_at`);--> statement-breakpoint
CREATE INDEX `history_of_stand` ON `history` (`stand_id`,`created_at`);--> statement-breakpoint
CREATE INDEX `history_of_row` ON `history` (`row_id`);--> statement-breakpoint
CREATE INDEX `history_of_group` ON `history` (`group_id`);--> statement-breakpoint
CREATE INDEX `entry_by_time` ON `entry` (`place_id`,`created_at`);--> statement-breakpoint
CREATE INDEX `job_by_time` ON `job` (`created_at`);--> statement-breakpoint
CREATE INDEX `reading_by_time` ON `reading` (`created_at`);--> statement-breakpoint
CREATE INDEX `stand_told_with` ON `stand` (`merged_into_id`);--> statement-breakpoint
CREATE TRIGGER `history_is_never_changed` BEFORE UPDATE ON `history` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the history is append-only';--> statement-breakpoint
CREATE TRIGGER `history_is_never_removed` BEFORE DELETE ON `history` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the history is append-only';
