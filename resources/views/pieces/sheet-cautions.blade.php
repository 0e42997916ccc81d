<section class="cautions">
    <h2>{{ __('sheet.cautions.head') }}</h2>
    <p>{{ __('sheet.cautions.text') }}</p>
</section>
