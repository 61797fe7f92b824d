CREATE TABLE `api_token` (
	`id` varchar(36) NOT NULL,
	`person_id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`token` varchar(64) NOT NULL,
	`rights` json NOT NULL,
	`expires_on` date NOT NULL,
	`used_at` datetime(3),
	`is_withdrawn` boolean NOT NULL DEFAULT false,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `api_token_id` PRIMARY KEY(`id`),
	CONSTRAINT `api_token_by_token` UNIQUE(`token`)
);--> statement-breakpoint
CREATE TABLE `attempt` (
	`key` varchar(255) NOT NULL,
	`points` int NOT NULL DEFAULT 0,
	`expire` bigint unsigned,
	CONSTRAINT `attempt_key` PRIMARY KEY(`key`)
);--> statement-breakpoint
CREATE TABLE `audit` (
	`position` bigint AUTO_INCREMENT NOT NULL,
	`at` datetime(3) NOT NULL,
	`person_id` varchar(36),
	`actor` varchar(80) NOT NULL,
	`place_id` varchar(36),
	`act` varchar(30) NOT NULL,
	`outcome` varchar(10) NOT NULL,
	`subject` varchar(200) NOT NULL,
	`address` varchar(45) NOT NULL,
	`device` varchar(120) NOT NULL,
	`request_id` varchar(36) NOT NULL,
	CONSTRAINT `audit_position` PRIMARY KEY(`position`)
);--> statement-breakpoint
CREATE TABLE `challenge` (
	`id` varchar(36) NOT NULL,
	`person_id` varchar(36),
	`value` varchar(120) NOT NULL,
	`ends_at` datetime(3) NOT NULL,
	CONSTRAINT `challenge_id` PRIMARY KEY(`id`)
);--> statement-breakpoint
CREATE TABLE `installation` (
	`id` tinyint NOT NULL,
	`single_person_id` varchar(36),
	CONSTRAINT `installation_id` PRIMARY KEY(`id`)
);--> statement-breakpoint
CREATE TABLE `invitation` (
	`id` varchar(36) NOT NULL,
	`token` varchar(64) NOT NULL,
	`kind` varchar(20) NOT NULL,
	`place_id` varchar(36),
	`role` varchar(20),
	`until_day` date,
	`person_id` varchar(36),
	`name` varchar(80) NOT NULL,
	`ends_at` datetime(3) NOT NULL,
	`used_at` datetime(3),
	`is_withdrawn` boolean NOT NULL DEFAULT false,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `invitation_id` PRIMARY KEY(`id`),
	CONSTRAINT `invitation_by_token` UNIQUE(`token`)
);--> statement-breakpoint
CREATE TABLE `membership` (
	`person_id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`role` varchar(20) NOT NULL,
	`until_day` date,
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `membership_person_id_place_id_pk` PRIMARY KEY(`person_id`,`place_id`)
);--> statement-breakpoint
CREATE TABLE `passkey` (
	`id` varchar(36) NOT NULL,
	`person_id` varchar(36) NOT NULL,
	`credential_id` varchar(700) NOT NULL,
	`public_key` text NOT NULL,
	`counter` double NOT NULL,
	`transports` json NOT NULL,
	`name` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`used_at` datetime(3),
	CONSTRAINT `passkey_id` PRIMARY KEY(`id`),
	CONSTRAINT `passkey_credential` UNIQUE(`credential_id`)
);--> statement-breakpoint
CREATE TABLE `person` (
	`id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`sign_in_name` varchar(80),
	`password_hash` varchar(200),
	`totp_secret` varchar(64),
	`totp_offered` varchar(64),
	`totp_step` int NOT NULL DEFAULT 0,
	`licence_number` varchar(40) NOT NULL DEFAULT '',
	`licence_expires_on` date,
	`version` int NOT NULL DEFAULT 1,
	`changed_by` varchar(80),
	`changed_at` datetime(3),
	`created_by` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `person_id` PRIMARY KEY(`id`),
	CONSTRAINT `person_signs_in_by` UNIQUE(`sign_in_name`)
);--> statement-breakpoint
CREATE TABLE `session` (
	`id` varchar(36) NOT NULL,
	`person_id` varchar(36) NOT NULL,
	`token` varchar(64) NOT NULL,
	`former_token` varchar(64),
	`turned_at` datetime(3) NOT NULL,
	`device` varchar(120) NOT NULL,
	`address` varchar(45) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`seen_at` datetime(3) NOT NULL,
	`is_ended` boolean NOT NULL DEFAULT false,
	CONSTRAINT `session_id` PRIMARY KEY(`id`),
	CONSTRAINT `session_by_token` UNIQUE(`token`),
	CONSTRAINT `session_by_former` UNIQUE(`former_token`)
);--> statement-breakpoint
ALTER TABLE `api_token` ADD CONSTRAINT `api_token_person_id_person_id_fk` FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `api_token` ADD CONSTRAINT `api_token_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `challenge` ADD CONSTRAINT `challenge_person_id_person_id_fk` FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `installation` ADD CONSTRAINT `installation_single_person_id_person_id_fk` FOREIGN KEY (`single_person_id`) REFERENCES `person`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `invitation` ADD CONSTRAINT `invitation_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `invitation` ADD CONSTRAINT `invitation_person_id_person_id_fk` FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `membership` ADD CONSTRAINT `membership_person_id_person_id_fk` FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `membership` ADD CONSTRAINT `membership_place_id_place_id_fk` FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `passkey` ADD CONSTRAINT `passkey_person_id_person_id_fk` FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `session` ADD CONSTRAINT `session_person_id_person_id_fk` FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `api_token_of_place` ON `api_token` (`place_id`,`person_id`);--> statement-breakpoint
CREATE INDEX `audit_of_place` ON `audit` (`place_id`,`position`);--> statement-breakpoint
CREATE INDEX `audit_of_person` ON `audit` (`person_id`,`position`);--> statement-breakpoint
CREATE INDEX `invitation_of_place` ON `invitation` (`place_id`);--> statement-breakpoint
CREATE INDEX `membership_of_place` ON `membership` (`place_id`);--> statement-breakpoint
CREATE INDEX `passkey_of_person` ON `passkey` (`person_id`);--> statement-breakpoint
CREATE INDEX `session_of_person` ON `session` (`person_id`,`is_ended`);--> statement-breakpoint
CREATE TRIGGER `audit_is_never_changed` BEFORE UPDATE ON `audit` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the audit is append-only';--> statement-breakpoint
CREATE TRIGGER `audit_is_never_removed` BEFORE DELETE ON `audit` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the audit is append-only';
