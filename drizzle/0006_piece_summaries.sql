ALTER TABLE `pieces` ADD `format` varchar(8);--> statement-breakpoint
ALTER TABLE `pieces` ADD `scenes` int;--> statement-breakpoint
ALTER TABLE `pieces` ADD `cover` varchar(64);