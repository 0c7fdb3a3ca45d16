CREATE TABLE `source_edits` (
	`source_id` varchar(24) NOT NULL,
	`seq` int NOT NULL,
	`id` varchar(24) NOT NULL,
	`kind` enum('do','undo','redo') NOT NULL,
	`ref` varchar(24),
	`version` int NOT NULL,
	`edit` json NOT NULL,
	`inverse` json NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `source_edits_source_id_seq_pk` PRIMARY KEY(`source_id`,`seq`)
);
--> statement-breakpoint
ALTER TABLE `sources` ADD `rev` int DEFAULT 0 NOT NULL;--> statement-breakpoint
CREATE INDEX `source_edits_id` ON `source_edits` (`source_id`,`id`);