<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What came of a mix: how many bubbles stayed, and how clear it is. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('mixings', function (Blueprint $table): void {
            $table->string('bubbles', 10)->nullable();
            $table->string('clarity', 10)->nullable();
            $table->index(['studio_id', 'resin']);
        });
    }

    public function down(): void
    {
        Schema::table('mixings', function (Blueprint $table): void {
            $table->dropIndex(['studio_id', 'resin']);
            $table->dropColumn(['bubbles', 'clarity']);
        });
    }
};
