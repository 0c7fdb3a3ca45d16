CREATE TABLE `sources` (
	`id` varchar(24) NOT NULL,
	`kind` varchar(16) NOT NULL,
	`title` varchar(500) NOT NULL,
	`doc` json NOT NULL,
	`choices` json NOT NULL,
	`options` json NOT NULL,
	`piece_id` varchar(24),
	`created_at` datetime(3) NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	`archived_at` datetime(3),
	CONSTRAINT `sources_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE INDEX `sources_open` ON `sources` (`archived_at`,`piece_id`,`updated_at`);