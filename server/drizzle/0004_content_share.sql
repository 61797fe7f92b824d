ALTER TABLE `remedy` RENAME COLUMN `iron_share` TO `content_share`;--> statement-breakpoint
ALTER TABLE `remedy` RENAME COLUMN `iron_kg` TO `nutrient_kg`;