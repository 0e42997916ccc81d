<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('supplies', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('name', 120);
            $table->text('document');
            $table->double('pack_price')->nullable();
            $table->double('pack_amount')->nullable();
            $table->double('stock')->nullable();
            $table->double('low')->nullable();
            $table->string('lot', 60)->default('');
            $table->date('bought_on')->nullable();
            $table->unsignedSmallInteger('keeps_months')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['studio_id', 'kind', 'name']);
        });
        Schema::create('recipes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->longText('document');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recipes');
        Schema::dropIfExists('supplies');
    }
};
