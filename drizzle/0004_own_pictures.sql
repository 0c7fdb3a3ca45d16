CREATE TABLE `favourites` (
	`asset_id` varchar(64) NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `favourites_asset_id` PRIMARY KEY(`asset_id`)
);
--> statement-breakpoint
CREATE TABLE `own_pictures` (
	`id` varchar(24) NOT NULL,
	`kind` enum('still','clip') NOT NULL,
	`title` varchar(200) NOT NULL,
	`description` varchar(600) NOT NULL,
	`tags` json NOT NULL,
	`licence` enum('free','credit','bought','own','unknown') NOT NULL,
	`credit` varchar(300) NOT NULL,
	`people` int,
	`vectors` blob NOT NULL,
	`added_at` datetime(3) NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	`archived_at` datetime(3),
	CONSTRAINT `own_pictures_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE INDEX `own_pictures_changed` ON `own_pictures` (`updated_at`);