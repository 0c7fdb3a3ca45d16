ALTER TABLE `edits` MODIFY COLUMN `label` varchar(120) NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE `edits` ADD `version` int DEFAULT 3 NOT NULL;