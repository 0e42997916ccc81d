<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('studios', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('units', 10)->default('metric');
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('email')->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email')->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('email');
            $table->string('token_hash', 64)->unique();
            $table->timestamp('expires_at');
            $table->timestamp('accepted_at')->nullable();
            $table->timestamps();
        });
        Schema::create('pieces', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('title', 120);
            $table->longText('document');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['studio_id', 'deleted_at', 'updated_at']);
        });
    }

    public function down(): void
    {
        foreach (['pieces', 'invitations', 'password_reset_tokens', 'users', 'studios'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
