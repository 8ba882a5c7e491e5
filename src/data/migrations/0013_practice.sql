CREATE TABLE "practice_skill" (
	"user_id" text NOT NULL,
	"kind" text NOT NULL,
	"matter" text NOT NULL,
	"due" timestamp with time zone NOT NULL,
	"stability_days" real NOT NULL,
	"card" jsonb NOT NULL,
	CONSTRAINT "practice_skill_user_id_kind_matter_pk" PRIMARY KEY("user_id","kind","matter")
);
--> statement-breakpoint
CREATE TABLE "practice_task" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"user_id" text NOT NULL,
	"kind" text NOT NULL,
	"matter" text NOT NULL,
	"level" smallint NOT NULL,
	"exercise" jsonb,
	"key" jsonb,
	"given_at" timestamp with time zone NOT NULL,
	"answered_at" timestamp with time zone,
	"answer" jsonb,
	"right" boolean,
	"seconds" integer,
	"objection" text,
	"read_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "practice_skill" ADD CONSTRAINT "practice_skill_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "practice_task" ADD CONSTRAINT "practice_task_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "practice_task" ADD CONSTRAINT "practice_task_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "practice_task_user" ON "practice_task" USING btree ("user_id","answered_at");--> statement-breakpoint
CREATE INDEX "practice_task_shop" ON "practice_task" USING btree ("shop_id","answered_at");