ALTER TABLE `renders` ADD `kind` varchar(12) DEFAULT 'mp4' NOT NULL;--> statement-breakpoint
ALTER TABLE `renders` ADD `place` bigint DEFAULT 0 NOT NULL;