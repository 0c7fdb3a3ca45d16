CREATE TABLE `own_words` (
	`word` varchar(80) NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `own_words_word` PRIMARY KEY(`word`)
);
