CREATE TABLE `settings` (
	`name` varchar(40) NOT NULL,
	`value` json NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `settings_name` PRIMARY KEY(`name`)
);
