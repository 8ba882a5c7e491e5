CREATE TABLE "client_proposal" (
	"client_id" uuid NOT NULL,
	"key" text NOT NULL,
	"answer" text NOT NULL,
	"evidence" integer NOT NULL,
	"actor_id" text,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "client_proposal_client_id_key_pk" PRIMARY KEY("client_id","key")
);
--> statement-breakpoint
ALTER TABLE "client_proposal" ADD CONSTRAINT "client_proposal_client_id_client_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."client"("id") ON DELETE cascade ON UPDATE no action;