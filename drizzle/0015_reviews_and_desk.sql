CREATE TABLE `comments` (
	`id` varchar(24) NOT NULL,
	`piece_id` varchar(24) NOT NULL,
	`review_id` varchar(24),
	`kind` enum('comment','approval') NOT NULL,
	`version` int NOT NULL,
	`parent_id` varchar(24),
	`author` varchar(60) NOT NULL,
	`text` text NOT NULL,
	`scene_id` varchar(24),
	`at_ms` int,
	`region` json,
	`at` datetime(3) NOT NULL,
	`settled_at` datetime(3),
	CONSTRAINT `comments_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `reviews` (
	`id` varchar(24) NOT NULL,
	`piece_id` varchar(24) NOT NULL,
	`secret` varchar(64) NOT NULL,
	`password` varchar(200),
	`created_at` datetime(3) NOT NULL,
	`expires_at` datetime(3) NOT NULL,
	`withdrawn_at` datetime(3),
	CONSTRAINT `reviews_id` PRIMARY KEY(`id`),
	CONSTRAINT `reviews_secret` UNIQUE(`secret`)
);
--> statement-breakpoint
CREATE TABLE `versions` (
	`id` varchar(24) NOT NULL,
	`piece_id` varchar(24) NOT NULL,
	`name` varchar(80) NOT NULL,
	`doc` json NOT NULL,
	`rev` int NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `versions_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `pieces` ADD `words` mediumtext;--> statement-breakpoint
ALTER TABLE `pieces` ADD `language` varchar(12);--> statement-breakpoint
ALTER TABLE `pieces` ADD `length_ms` int;--> statement-breakpoint
ALTER TABLE `pieces` ADD `state` varchar(30) DEFAULT 'draft' NOT NULL;--> statement-breakpoint
ALTER TABLE `pieces` ADD `category` varchar(60) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `pieces` ADD `tags` json;--> statement-breakpoint
ALTER TABLE `pieces` ADD `binned_at` datetime(3);--> statement-breakpoint
ALTER TABLE `pieces` ADD `emptied_at` datetime(3);--> statement-breakpoint
ALTER TABLE `renders` ADD `scenes` json;--> statement-breakpoint
ALTER TABLE `renders` ADD `version` int;--> statement-breakpoint
CREATE INDEX `comments_piece` ON `comments` (`piece_id`,`at`);--> statement-breakpoint
CREATE INDEX `reviews_piece` ON `reviews` (`piece_id`);--> statement-breakpoint
CREATE INDEX `versions_piece` ON `versions` (`piece_id`);