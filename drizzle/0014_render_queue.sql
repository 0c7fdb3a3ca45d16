DROP INDEX `renders_queue` ON `renders`;--> statement-breakpoint
CREATE INDEX `renders_queue` ON `renders` (`state`,`place`,`created_at`);