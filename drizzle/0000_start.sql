CREATE TABLE `edits` (
	`piece_id` varchar(24) NOT NULL,
	`seq` int NOT NULL,
	`id` varchar(24) NOT NULL,
	`kind` enum('do','undo','redo') NOT NULL,
	`ref` varchar(24),
	`label` varchar(120) NOT NULL,
	`ops` json NOT NULL,
	`inverse` json NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `edits_piece_id_seq_pk` PRIMARY KEY(`piece_id`,`seq`)
);
--> statement-breakpoint
CREATE TABLE `pieces` (
	`id` varchar(24) NOT NULL,
	`title` varchar(200) NOT NULL,
	`doc` json NOT NULL,
	`rev` int NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	`archived_at` datetime(3),
	CONSTRAINT `pieces_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `renders` (
	`id` varchar(24) NOT NULL,
	`piece_id` varchar(24) NOT NULL,
	`title` varchar(200) NOT NULL,
	`doc` json NOT NULL,
	`rev` int NOT NULL,
	`format` varchar(8) NOT NULL,
	`height` int NOT NULL,
	`state` enum('waiting','running','done','failed','cancelled') NOT NULL,
	`step` varchar(40) NOT NULL,
	`done` int NOT NULL,
	`total` int NOT NULL,
	`painted` int NOT NULL,
	`error` text,
	`attempt` int NOT NULL,
	`cancel_requested` boolean NOT NULL,
	`bytes` int,
	`duration_ms` int,
	`created_at` datetime(3) NOT NULL,
	`started_at` datetime(3),
	`heartbeat_at` datetime(3),
	`finished_at` datetime(3),
	CONSTRAINT `renders_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `seeds` (
	`name` varchar(60) NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `seeds_name` PRIMARY KEY(`name`)
);
--> statement-breakpoint
CREATE INDEX `edits_id` ON `edits` (`piece_id`,`id`);--> statement-breakpoint
CREATE INDEX `pieces_updated` ON `pieces` (`archived_at`,`updated_at`);--> statement-breakpoint
CREATE INDEX `renders_queue` ON `renders` (`state`,`created_at`);--> statement-breakpoint
CREATE INDEX `renders_piece` ON `renders` (`piece_id`);