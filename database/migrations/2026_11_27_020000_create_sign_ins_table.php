<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Where somebody is signed in, so that it can be ended; and mail addresses that are one whatever their case. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('agent', 200);
            $table->timestamp('seen_at');
            $table->timestamps();
            $table->index(['user_id', 'seen_at']);
        });
        foreach (['users', 'invitations', 'password_reset_tokens'] as $table) {
            // Two accounts that differ only by case stay as they are; one of them is reached by its exact spelling no longer.
            DB::statement("UPDATE OR IGNORE {$table} SET email = lower(email) WHERE email <> lower(email)");
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('sign_ins');
    }
};
