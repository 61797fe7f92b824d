ALTER TABLE `stand` ADD CONSTRAINT `stand_of_its_place` UNIQUE(`id`,`place_id`);--> statement-breakpoint
ALTER TABLE `product` ADD CONSTRAINT `product_of_its_place` UNIQUE(`id`,`place_id`);--> statement-breakpoint
ALTER TABLE `sprayer` ADD CONSTRAINT `sprayer_of_its_place` UNIQUE(`id`,`place_id`);--> statement-breakpoint
ALTER TABLE `chlorosis_case` ADD CONSTRAINT `case_of_its_stand` UNIQUE(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `remedy` ADD CONSTRAINT `remedy_of_its_stand` UNIQUE(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `acid_plan` ADD CONSTRAINT `acid_plan_of_its_stand` UNIQUE(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `job` ADD CONSTRAINT `job_of_its_stand` UNIQUE(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_of_its_stand` UNIQUE(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `remedy` ADD `place_id` varchar(36) NOT NULL DEFAULT '' INVISIBLE;--> statement-breakpoint
UPDATE `remedy` JOIN `stand` ON `stand`.`id` = `remedy`.`stand_id` SET `remedy`.`place_id` = `stand`.`place_id`;--> statement-breakpoint
CREATE TRIGGER `remedy_is_of_a_place` BEFORE INSERT ON `remedy` FOR EACH ROW SET NEW.`place_id` = (SELECT `place_id` FROM `stand` WHERE `id` = NEW.`stand_id`);--> statement-breakpoint
ALTER TABLE `job` ADD `place_id` varchar(36) NOT NULL DEFAULT '' INVISIBLE;--> statement-breakpoint
UPDATE `job` JOIN `stand` ON `stand`.`id` = `job`.`stand_id` SET `job`.`place_id` = `stand`.`place_id`;--> statement-breakpoint
CREATE TRIGGER `job_is_of_a_place` BEFORE INSERT ON `job` FOR EACH ROW SET NEW.`place_id` = (SELECT `place_id` FROM `stand` WHERE `id` = NEW.`stand_id`);--> statement-breakpoint
UPDATE `photo` LEFT JOIN `chlorosis_case` AS `o` ON `o`.`id` = `photo`.`case_id` AND `o`.`stand_id` = `photo`.`stand_id` SET `photo`.`case_id` = NULL WHERE `photo`.`case_id` IS NOT NULL AND `o`.`id` IS NULL;--> statement-breakpoint
UPDATE `photo` LEFT JOIN `entry` AS `o` ON `o`.`id` = `photo`.`entry_id` AND `o`.`stand_id` = `photo`.`stand_id` SET `photo`.`entry_id` = NULL WHERE `photo`.`entry_id` IS NOT NULL AND `o`.`id` IS NULL;--> statement-breakpoint
UPDATE `remedy` LEFT JOIN `sprayer` AS `o` ON `o`.`id` = `remedy`.`sprayer_id` AND `o`.`place_id` = `remedy`.`place_id` SET `remedy`.`sprayer_id` = NULL WHERE `remedy`.`sprayer_id` IS NOT NULL AND `o`.`id` IS NULL;--> statement-breakpoint
UPDATE `remedy` LEFT JOIN `product` AS `o` ON `o`.`id` = `remedy`.`product_id` AND `o`.`place_id` = `remedy`.`place_id` SET `remedy`.`product_id` = NULL WHERE `remedy`.`product_id` IS NOT NULL AND `o`.`id` IS NULL;--> statement-breakpoint
UPDATE `job` LEFT JOIN `product` AS `o` ON `o`.`id` = `job`.`product_id` AND `o`.`place_id` = `job`.`place_id` SET `job`.`product_id` = NULL WHERE `job`.`product_id` IS NOT NULL AND `o`.`id` IS NULL;--> statement-breakpoint
DROP TRIGGER `entry_is_never_changed`;--> statement-breakpoint
UPDATE `entry` LEFT JOIN `product` AS `o` ON `o`.`id` = `entry`.`product_id` AND `o`.`place_id` = `entry`.`place_id` SET `entry`.`product_id` = NULL WHERE `entry`.`product_id` IS NOT NULL AND `o`.`id` IS NULL;--> statement-breakpoint
CREATE TRIGGER `entry_is_never_changed` BEFORE UPDATE ON `entry` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'entries are append-only: record a correction';--> statement-breakpoint
ALTER TABLE `look` ADD CONSTRAINT `look_case` FOREIGN KEY (`case_id`,`stand_id`) REFERENCES `chlorosis_case`(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `look` DROP FOREIGN KEY IF EXISTS `look_case_id_chlorosis_case_id_fk`;--> statement-breakpoint
ALTER TABLE `look` DROP INDEX IF EXISTS `look_case_id_chlorosis_case_id_fk`;--> statement-breakpoint
ALTER TABLE `remedy` ADD CONSTRAINT `remedy_case` FOREIGN KEY (`case_id`,`stand_id`) REFERENCES `chlorosis_case`(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `remedy` DROP FOREIGN KEY IF EXISTS `remedy_case_id_chlorosis_case_id_fk`;--> statement-breakpoint
ALTER TABLE `remedy` DROP INDEX IF EXISTS `remedy_case_id_chlorosis_case_id_fk`;--> statement-breakpoint
ALTER TABLE `remedy` ADD CONSTRAINT `remedy_sprayer` FOREIGN KEY (`sprayer_id`,`place_id`) REFERENCES `sprayer`(`id`,`place_id`);--> statement-breakpoint
ALTER TABLE `remedy` DROP FOREIGN KEY IF EXISTS `remedy_sprayer_id_sprayer_id_fk`;--> statement-breakpoint
ALTER TABLE `remedy` DROP INDEX IF EXISTS `remedy_sprayer_id_sprayer_id_fk`;--> statement-breakpoint
ALTER TABLE `remedy` ADD CONSTRAINT `remedy_product` FOREIGN KEY (`product_id`,`place_id`) REFERENCES `product`(`id`,`place_id`);--> statement-breakpoint
ALTER TABLE `remedy` DROP FOREIGN KEY IF EXISTS `remedy_product_id_product_id_fk`;--> statement-breakpoint
ALTER TABLE `remedy` DROP INDEX IF EXISTS `remedy_product_id_product_id_fk`;--> statement-breakpoint
ALTER TABLE `job` ADD CONSTRAINT `job_case` FOREIGN KEY (`case_id`,`stand_id`) REFERENCES `chlorosis_case`(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `job` DROP FOREIGN KEY IF EXISTS `job_case_id_chlorosis_case_id_fk`;--> statement-breakpoint
ALTER TABLE `job` DROP INDEX IF EXISTS `job_case_id_chlorosis_case_id_fk`;--> statement-breakpoint
ALTER TABLE `job` ADD CONSTRAINT `job_remedy` FOREIGN KEY (`remedy_id`,`stand_id`) REFERENCES `remedy`(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `job` DROP FOREIGN KEY IF EXISTS `job_remedy_id_remedy_id_fk`;--> statement-breakpoint
ALTER TABLE `job` DROP INDEX IF EXISTS `job_remedy_id_remedy_id_fk`;--> statement-breakpoint
ALTER TABLE `job` ADD CONSTRAINT `job_acid_plan` FOREIGN KEY (`acid_plan_id`,`stand_id`) REFERENCES `acid_plan`(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `job` DROP FOREIGN KEY IF EXISTS `job_acid_plan_id_acid_plan_id_fk`;--> statement-breakpoint
ALTER TABLE `job` DROP INDEX IF EXISTS `job_acid_plan_id_acid_plan_id_fk`;--> statement-breakpoint
ALTER TABLE `job` ADD CONSTRAINT `job_product` FOREIGN KEY (`product_id`,`place_id`) REFERENCES `product`(`id`,`place_id`);--> statement-breakpoint
ALTER TABLE `job` DROP FOREIGN KEY IF EXISTS `job_product_id_product_id_fk`;--> statement-breakpoint
ALTER TABLE `job` DROP INDEX IF EXISTS `job_product_id_product_id_fk`;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_stand` FOREIGN KEY (`stand_id`,`place_id`) REFERENCES `stand`(`id`,`place_id`);--> statement-breakpoint
ALTER TABLE `entry` DROP FOREIGN KEY IF EXISTS `entry_stand_id_stand_id_fk`;--> statement-breakpoint
ALTER TABLE `entry` DROP INDEX IF EXISTS `entry_stand_id_stand_id_fk`;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_product` FOREIGN KEY (`product_id`,`place_id`) REFERENCES `product`(`id`,`place_id`);--> statement-breakpoint
ALTER TABLE `entry` DROP FOREIGN KEY IF EXISTS `entry_product_id_product_id_fk`;--> statement-breakpoint
ALTER TABLE `entry` DROP INDEX IF EXISTS `entry_product_id_product_id_fk`;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_case` FOREIGN KEY (`case_id`,`stand_id`) REFERENCES `chlorosis_case`(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `entry` DROP FOREIGN KEY IF EXISTS `entry_case_id_chlorosis_case_id_fk`;--> statement-breakpoint
ALTER TABLE `entry` DROP INDEX IF EXISTS `entry_case_id_chlorosis_case_id_fk`;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_job` FOREIGN KEY (`job_id`,`stand_id`) REFERENCES `job`(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `entry` DROP FOREIGN KEY IF EXISTS `entry_job_id_job_id_fk`;--> statement-breakpoint
ALTER TABLE `entry` DROP INDEX IF EXISTS `entry_job_id_job_id_fk`;--> statement-breakpoint
ALTER TABLE `entry` ADD CONSTRAINT `entry_corrects` FOREIGN KEY (`corrects_id`,`stand_id`) REFERENCES `entry`(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_case` FOREIGN KEY (`case_id`,`stand_id`) REFERENCES `chlorosis_case`(`id`,`stand_id`);--> statement-breakpoint
ALTER TABLE `photo` DROP FOREIGN KEY IF EXISTS `photo_case_id_chlorosis_case_id_fk`;--> statement-breakpoint
ALTER TABLE `photo` DROP INDEX IF EXISTS `photo_case_id_chlorosis_case_id_fk`;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_entry` FOREIGN KEY (`entry_id`,`stand_id`) REFERENCES `entry`(`id`,`stand_id`);
