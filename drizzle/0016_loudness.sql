ALTER TABLE `renders` ADD `loudness` int DEFAULT -14 NOT NULL;--> statement-breakpoint
ALTER TABLE `renders` ADD `name` varchar(60) DEFAULT '' NOT NULL;