ALTER TABLE `place` ADD `changed_by` varchar(80);--> statement-breakpoint
ALTER TABLE `place` ADD `changed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `sprayer` ADD `changed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `stand` ADD `changed_by` varchar(80);--> statement-breakpoint
ALTER TABLE `stand` ADD `changed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `photo` ADD `changed_by` varchar(80);--> statement-breakpoint
ALTER TABLE `photo` ADD `changed_at` datetime(3);--> statement-breakpoint
ALTER TABLE `zone` ADD `changed_by` varchar(80);--> statement-breakpoint
ALTER TABLE `zone` ADD `changed_at` datetime(3);