ALTER TABLE `pieces` MODIFY COLUMN `format` varchar(12);--> statement-breakpoint
ALTER TABLE `renders` MODIFY COLUMN `format` varchar(12) NOT NULL;