ALTER TABLE `job` ADD `purpose` varchar(20);--> statement-breakpoint
ALTER TABLE `job` ADD `subject` varchar(80);--> statement-breakpoint
ALTER TABLE `job` ADD `round` int;--> statement-breakpoint
ALTER TABLE `job` ADD `rounds` int;--> statement-breakpoint
ALTER TABLE `job` ADD `step` int;--> statement-breakpoint
ALTER TABLE `job` ADD `steps` int;--> statement-breakpoint
UPDATE `job` SET `purpose` = CASE `title`
  WHEN 'Look for the first change' THEN 'first-change'
  WHEN 'Look whether it is green' THEN 'green'
  WHEN 'Test pH and nitrate before the first dose' THEN 'before-dose'
  WHEN 'Test pH again' THEN 'retest'
  WHEN 'Test pH again: does the plan hold?' THEN 'plan-holds'
END WHERE `kind` IN ('look', 'test');--> statement-breakpoint
UPDATE `job` SET `subject` = LEFT(REGEXP_REPLACE(`title`, ', watered in by itself$', ''), 80) WHERE `kind` = 'partner';--> statement-breakpoint
UPDATE `job` SET
  `round` = NULLIF(REGEXP_SUBSTR(`title`, '(?<=, repeat )[0-9]+(?= of [0-9]+)'), ''),
  `rounds` = NULLIF(SUBSTRING_INDEX(REGEXP_SUBSTR(`title`, '(?<=, repeat )[0-9]+ of [0-9]+'), ' of ', -1), ''),
  `step` = NULLIF(REGEXP_SUBSTR(`title`, '(?<=, dose |, step )[0-9]+(?= of [0-9]+$)'), ''),
  `steps` = NULLIF(SUBSTRING_INDEX(REGEXP_SUBSTR(`title`, '(?<=, dose |, step )[0-9]+ of [0-9]+$'), ' of ', -1), '')
WHERE `kind` = 'apply';
