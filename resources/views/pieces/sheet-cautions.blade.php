<section class="cautions">
    <h2>Cautions</h2>
    <p>Label and safety data sheet go first. Gloves, goggles, sleeves, moving air, respirator with organic-vapour cartridges; stop and see a doctor on a rash. A full cup runs away: put a hot cup outside on stone, never cap it, not in a bin. No flame on a mold, and never near alcohol. Sand wet or masked. Not for food or hot pans unless the maker says so; a candle needs a cup that does not burn. Children and pets away. Cure what is left, do not drain it.</p>
</section>
