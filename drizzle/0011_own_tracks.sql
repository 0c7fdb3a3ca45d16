CREATE TABLE `own_tracks` (
	`id` varchar(32) NOT NULL,
	`title` varchar(200) NOT NULL,
	`credit` varchar(300) NOT NULL,
	`licence` enum('free','credit','bought','own','unknown') NOT NULL,
	`favourite` boolean NOT NULL,
	`heard` json NOT NULL,
	`added_at` datetime(3) NOT NULL,
	`archived_at` datetime(3),
	CONSTRAINT `own_tracks_id` PRIMARY KEY(`id`)
);
