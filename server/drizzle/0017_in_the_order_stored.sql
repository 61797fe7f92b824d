ALTER TABLE `place` ADD `calendar_token` varchar(43);--> statement-breakpoint
ALTER TABLE `place` ADD CONSTRAINT `place_calendar` UNIQUE(`calendar_token`);--> statement-breakpoint
ALTER TABLE `place` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `place` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `place`) AS `o` ON `o`.`id` = `place`.`id` SET `place`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `place` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
ALTER TABLE `reading` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `reading` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `reading`) AS `o` ON `o`.`id` = `reading`.`id` SET `reading`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `reading` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
ALTER TABLE `story_event` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `story_event` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `story_event`) AS `o` ON `o`.`id` = `story_event`.`id` SET `story_event`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `story_event` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
ALTER TABLE `chlorosis_case` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `chlorosis_case` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `chlorosis_case`) AS `o` ON `o`.`id` = `chlorosis_case`.`id` SET `chlorosis_case`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `chlorosis_case` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
ALTER TABLE `look` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `look` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `look`) AS `o` ON `o`.`id` = `look`.`id` SET `look`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `look` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
ALTER TABLE `trial` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `trial` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `trial`) AS `o` ON `o`.`id` = `trial`.`id` SET `trial`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `trial` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
ALTER TABLE `trial_rating` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `trial_rating` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `trial_rating`) AS `o` ON `o`.`id` = `trial_rating`.`id` SET `trial_rating`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `trial_rating` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
ALTER TABLE `zone` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `zone` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `zone`) AS `o` ON `o`.`id` = `zone`.`id` SET `zone`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `zone` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
ALTER TABLE `remedy` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `remedy` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `remedy`) AS `o` ON `o`.`id` = `remedy`.`id` SET `remedy`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `remedy` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
ALTER TABLE `acid_plan` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `acid_plan` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `acid_plan`) AS `o` ON `o`.`id` = `acid_plan`.`id` SET `acid_plan`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `acid_plan` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
ALTER TABLE `photo` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `photo` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `photo`) AS `o` ON `o`.`id` = `photo`.`id` SET `photo`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `photo` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
DROP TRIGGER `entry_is_never_changed`;--> statement-breakpoint
ALTER TABLE `entry` ADD `seq` bigint INVISIBLE;--> statement-breakpoint
UPDATE `entry` JOIN (SELECT `id`, ROW_NUMBER() OVER (ORDER BY `created_at`, `id`) AS `n` FROM `entry`) AS `o` ON `o`.`id` = `entry`.`id` SET `entry`.`seq` = `o`.`n`;--> statement-breakpoint
ALTER TABLE `entry` MODIFY `seq` bigint NOT NULL AUTO_INCREMENT INVISIBLE UNIQUE;--> statement-breakpoint
CREATE INDEX `entry_in_order` ON `entry` (`place_id`,`happened_on`,`seq`);--> statement-breakpoint
CREATE TRIGGER `entry_is_never_changed` BEFORE UPDATE ON `entry` FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'entries are append-only: record a correction';
