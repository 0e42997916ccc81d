<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('vessels', function (Blueprint $table): void {
            $table->boolean('spare')->default(false);
        });
        Schema::create('mixings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('piece_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('pour');
            $table->string('resin', 120);
            $table->double('mixed_g');
            $table->double('kept_g');
            $table->double('over_g')->default(0);
            $table->timestamps();
            $table->index(['studio_id', 'created_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('mixings');
        Schema::table('vessels', fn(Blueprint $table) => $table->dropColumn('spare'));
    }
};
