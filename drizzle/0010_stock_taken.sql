CREATE TABLE `stock_taken` (
	`library` varchar(40) NOT NULL,
	`picture` varchar(80) NOT NULL,
	`asset_id` varchar(24) NOT NULL,
	`title` varchar(200) NOT NULL,
	`price_cents` int NOT NULL,
	`taken_at` datetime(3) NOT NULL,
	CONSTRAINT `stock_taken_library_picture_pk` PRIMARY KEY(`library`,`picture`)
);
--> statement-breakpoint
CREATE INDEX `stock_taken_asset` ON `stock_taken` (`asset_id`);