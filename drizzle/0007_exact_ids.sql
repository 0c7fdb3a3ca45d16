ALTER TABLE `pieces` MODIFY `id` varchar(24) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `edits` MODIFY `piece_id` varchar(24) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `edits` MODIFY `id` varchar(24) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `edits` MODIFY `ref` varchar(24) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin;--> statement-breakpoint
ALTER TABLE `renders` MODIFY `id` varchar(24) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `renders` MODIFY `piece_id` varchar(24) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `sources` MODIFY `id` varchar(24) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `sources` MODIFY `piece_id` varchar(24) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin;--> statement-breakpoint
ALTER TABLE `own_pictures` MODIFY `id` varchar(24) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `favourites` MODIFY `asset_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;
