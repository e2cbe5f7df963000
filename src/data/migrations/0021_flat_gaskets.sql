UPDATE "gaskets" SET "section" = 'flat' WHERE "use" = 'back';
