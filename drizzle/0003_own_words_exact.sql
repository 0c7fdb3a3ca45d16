ALTER TABLE `own_words` MODIFY `word` varchar(80) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;
