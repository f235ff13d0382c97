<h2 id="engines">{{ __('practice.engine.list') }}</h2>
<p class="soft">{{ __('practice.engine.how') }}</p>
<form method="post" action="/practice/engines" class="practice-start">@csrf<x-ulid />
    <div class="field"><label for="whole-family">Engine</label>
        <select id="whole-family" name="family">
            @foreach($families as $family => $name)
                <option value="{{ $family }}" @selected(old('family') === $family)>{{ $name }}</option>
            @endforeach
        </select></div>
    <div class="field"><label for="whole-difficulty">How hard</label>
        <select id="whole-difficulty" name="difficulty">
            @foreach(\NorthLedger\Core\Simulation\BlockDifficulty::cases() as $one)
                <option value="{{ $one->value }}" @selected(old('difficulty') === $one->value)>
                    {{ \App\Words\Line::ofCode('practice.difficulty', $one) }}
                </option>
            @endforeach
        </select></div>
    <div class="field"><label for="whole-seed">{{ __('practice.engine.seed') }}</label>
        <input id="whole-seed" name="seed" class="num" size="10" maxlength="7" inputmode="numeric" autocomplete="off"></div>
    <button class="button">{{ __('practice.engine.start') }}</button>
</form>
@if($engines !== [])
<ul class="topics">
@foreach($engines as $engine)
    <li><a href="{{ $engine['address'] }}"><b>{{ $engine['name'] }}</b></a> <span>{{ $engine['difficulty'] }}</span>
        <span class="soft num">{{ $engine['at'] }}</span> <span>{{ $engine['points'] }}</span></li>
@endforeach
</ul>
@endif
@if($engineJudges !== [])
<table class="ledger">
    <thead><tr><th scope="col">Name</th><th scope="col">Engines judged</th><th scope="col">Points on average</th></tr></thead>
    <tbody>
    @foreach($engineJudges as $judge)
        <tr><td>{{ $judge->name }}</td><td class="num">{{ $judge->engines }}</td><td class="num">{{ $judge->points }}</td></tr>
    @endforeach
    </tbody>
</table>
@endif
