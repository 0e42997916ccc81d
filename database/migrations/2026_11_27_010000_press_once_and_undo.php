<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What creates or counts is done once for each form that was shown, and what a mix took off the shelf can be put back. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('presses', function (Blueprint $table): void {
            $table->string('key', 80)->primary();
            $table->text('location')->nullable();
            $table->timestamp('created_at')->index();
        });
        Schema::table('mixings', function (Blueprint $table): void {
            $table->text('taken')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('presses');
        Schema::table('mixings', fn(Blueprint $table) => $table->dropColumn('taken'));
    }
};
