@if($earlier !== [])
    <ul>
        @foreach($earlier as $one)
            <li class="line next">
                <a href="/jobs/{{ $one['tag'] }}"><b>{{ $one['tag'] }}</b></a>, {{ $one['when'] }}:
                <span class="num">{{ $one['sizes'] }}</span>
                @foreach($one['sleeves'] as $sleeve)<br><span class="num">{{ $sleeve }}</span>@endforeach
            </li>
        @endforeach
    </ul>
@endif
