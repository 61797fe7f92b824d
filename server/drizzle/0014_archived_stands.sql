ALTER TABLE `stand` ADD `is_archived` boolean DEFAULT false NOT NULL;
