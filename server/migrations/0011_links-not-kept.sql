ALTER TABLE "messages" DROP COLUMN "link";
