import { particularsOf } from './particulars.ts';
import type { Figure } from './types.ts';

/**
 * Figures of speech of which the literal picture would be silly, and what they mean. Of a word in brackets any form that is
 * listed may stand there; ~ stands for somebody's or a small word. Where the shelf has a picture that people expect with a
 * figure of speech (the tip of the iceberg, the elephant in the room) it is left as it is. After ! stand words beside which it
 * is meant as it is said: "break the ice on the bowl of water".
 */
const FIGURES = `
dead duck = a failure without hope
piece of cake = very easy
(cost|costs) an arm and a leg = very expensive
arm and a leg = a lot of money
(break|breaks|broke|breaking) the ice = start a friendly conversation ! water lake pond frozen bowl river winter
under the weather = ill
(kick|kicks|kicked) the bucket = die
(spill|spills|spilled|spilt) the beans = tell a secret
(let|lets|letting) the cat out of the bag = tell a secret
once in a blue moon = very rarely
(bite|bites|bit|biting) the bullet = do something hard with courage
(call|calls|called) it a day = stop work for today
(cut|cuts|cutting) corners = work carelessly and cheaply
(beat|beats|beating) around the bush = avoid the question
(burn|burns|burning|burned|burnt) the midnight oil = work late at night
(get|gets|got|getting) cold feet = lose courage
(pull|pulls|pulled|pulling) ~ leg = joke
(bring|brings|brought) home the bacon = earn money for the family
(sit|sits|sitting|sat) on the fence = cannot decide
(jump|jumps|jumped|jumping) on the bandwagon = follow the crowd
back to square one = start again from the beginning
back to the drawing board = plan again from the beginning
(bark|barks|barking) up the wrong tree = search in the wrong direction
(add|adds|adding) fuel to the fire = make a quarrel worse
all ears = listen with attention
at the drop of a hat = at once
(ball|balls) (is|are) in ~ court = it is your decision
(barking|raving) mad = crazy
best of both worlds = two advantages together
(bite|bites|bit) off more than ~ can chew = too much work
blessing in disguise = something good that looked bad
(blow|blows|blew) (off|~) steam = let out anger
(burn|burns|burned|burnt) bridges = no way back
(by|with) the skin of ~ teeth = only just
can of worms = a complicated problem
caught red-handed = caught stealing
(chew|chews|chewing) the fat = chat with friends
cold shoulder = rejected and ignored
cold turkey = stop an addiction at once
couch potato = lazy in front of the television
(cross|crosses|crossing) that bridge when = wait with that decision until
cry over spilt milk = regret what is past
(my|your|his|her|our|their|everyone's|everybody's) cup of tea = favourite thing
devil's advocate = argue for the other side
drop in the ocean = far too little
(drive|drives|drove|driving) ~ up the wall = make angry
elbow grease = hard work with the hands
(face|faces|faced) the music = accept the punishment
fish out of water = feels strange and alone
(flog|flogging) a dead horse = useless effort
flat-footed = by surprise
for a song = very cheap
(get|gets|got) out of hand = get out of control
(get|gets|got) the sack = lose the job
(get|gets|got) wind of = hear about
(give|gives|gave) ~ a bit of (~) mind = complain angrily
(give|gives|gave) ~ a piece of ~ mind = complain angrily
(go|goes|went) down in flames = fail completely
(go|goes|going) bananas = go crazy with joy
(go|goes|went) the extra mile = make a special effort
grass is always greener = others seem to be better off
(head|heads) over heels = very much in love
head in the clouds = dreaming
heart of gold = very kind
(hit|hits|hitting) the books = study
(hit|hits|hitting) the hay = go to bed
(hit|hits|hitting) the road = set out on a journey
(hit|hits|hitting) the roof = become very angry
(hit|hits|hitting) the sack = go to bed
(hold|holds) ~ horses = wait a moment
in hot water = in trouble
in the black = making profit
in the red = in debt
in the same boat = together in the same situation
in ~ shadow = less famous than
in the shadow of = less famous than
(jump|jumps|jumped) the gun = start too early
(keep|keeps|kept) an eye on = watch carefully
(keep|keeps|kept) an eye out for = watch carefully for
(kill|kills|killed) two birds with one stone = solve two problems at once
kid gloves = great care
last straw = the limit of patience is reached
(let|lets) ~ hair down = relax and celebrate
long haul = long time
long shot = little chance
make ends meet = have enough money to live
miss the boat = be too late
new broom = new boss
nip it in the bud = stop it early
no strings attached = without conditions
off the hook = free of blame
on cloud nine = very happy
on the ball = attentive
on the rocks = in trouble
(on|over) the same page = of the same opinion
(out|~) of the blue = suddenly and by surprise
over the moon = very happy
pain in the neck = annoying
(pass|passes|passed) the buck = give the blame to others
pie in the sky = a dream without hope
play it by ear = decide when the time comes
(pull|pulls|pulled) strings = use secret influence
(look|looks|looking|looked) over ~ shoulder = watch secretly
(pull|pulls|pulled) the plug = stop it ! socket device restart router count machine appliance
put ~ foot down = decide firmly and refuse
put ~ foot in it = an embarrassing mistake
(rain|rains|raining) cats and dogs = rain heavily
(rock|rocks|rocked) the boat = make trouble
rule of thumb = a simple rule
second thoughts = doubts
see eye to eye = agree
(sell|sells|selling) like hot cakes = sell very fast
(shoot|shoots|shot) the breeze = chat with friends
silver lining = something good in bad times
sink or swim = fail or succeed alone
skeleton in the (closet|cupboard) = a dark secret
snowed under = too much work
(spice|spices) up = make more exciting
(steal|steals|stole) the show = get the most applause
(steal|steals|stole) ~ thunder = take the applause of others
take it with a grain of salt = doubt it
take the bull by the horns = face the problem with courage
(talk|talks) shop = talk about work
the big picture = an overview of everything
through thick and thin = together in good and bad times
(throw|throws|threw) in the towel = give up
tongue in cheek = as a joke
(turn|turns|turned) a blind eye = ignore on purpose
(turn|turns|turned) over a new leaf = begin a better life
under ~ belt = as experience
up in the air = undecided
(walk|walks|walking) on eggshells = be very careful
whole nine yards = everything
wild goose chase = a useless search
(wrap|wraps|wrapped) ~ head around = understand
writing on the wall = signs of failure
(toss|tosses|tossed|tossing) and (turn|turns|turned|turning) = cannot sleep at night
(not|isn't|wasn't|ain't) rocket science = very easy
rocket science = very difficult
silver bullet = one simple answer
low-hanging fruit = the easy part first
bells and whistles = extras that nobody needs
ballpark figure = a rough estimate
bang for ~ buck = value for money
(break|breaks|broke|breaking) the bank = cost too much money
on a shoestring = with very little money
(cash cow|cash cows) = a steady profit
nest egg = savings
for a rainy day = as savings for bad times
(tighten|tightens|tightened|tightening) ~ belt = spend less money
(burn|burns|burned|burnt|burning) a hole in ~ pocket = cost a lot of money
(pay|pays|paid|paying) through the nose = pay far too much
(foot|foots|footed|footing) the bill = pay for everything
(make|makes|made|making) a killing = earn a lot of money
(crunch|crunches|crunched|crunching) the numbers = calculate
in a nutshell = in short
long story short = in short
(cut|cuts|cutting) to the chase = come to the point
at the end of the day = in the end
in the long run = over many years
on the back burner = left for later
(get|gets|got|keep|keeps|kept|set) the ball rolling = begin
(hit|hits|hitting) the ground running = begin well prepared
(get|gets|got) off the ground = begin
from scratch = from the very beginning
(drop|drops|dropped|dropping) the ball = make a mistake
(touch|touches|touched) base = talk for a moment
ahead of the curve = earlier than all others
steep learning curve = a lot to learn
red tape = forms and offices
red flag = a warning
red flags = warnings
breath of fresh air = something new and pleasant
(is|was|be|been) a (walk|stroll) in the park = very easy
(hit|hits|hitting) (a|the) wall = cannot go on
(turn|turns|turned) the tables = win after all
the tables have turned = the losers win now
cutting edge = the newest technology
under the hood = inside, where the work is done
butterflies in ~ stomach = nervous and in love
(chicken|chickens|chickened) out = not dare
down to earth = modest and practical
(give|gives|gave) it a (shot|go|whirl) = try it
(hang|hanging) in there = do not give up
(have|has|had|having) a blast = have fun
(keep|keeps|kept|keeping) ~ fingers crossed = hope for luck
fingers crossed = hope for luck
(lose|loses|lost) track of time = forget the time
out of the woods = safe again
(paint|paints|painted|painting) the town red = celebrate all night
(pull|pulls|pulled|pulling) an all-nighter = work all night
(ring|rings|rang) a bell = sounds familiar
rise and shine = get up in the morning
(run|runs|ran|running) out of steam = become tired
(save|saves|saved) the day = help at the last moment
(shed|sheds) light on = explain
(sleep|sleeps|slept|sleeping) like a log = sleep well
(slip|slips|slipped) ~ mind = be forgotten
(smell|smells|smelled|smelt) a rat = suspect a trick
(step|steps|stepped) up ~ game = become better
(throw|throws|threw|thrown) (~) under the bus = betray
(tie|ties|tied|tying) the knot = marry
shot in the dark = a guess
up for grabs = free for anybody
uphill battle = a hard struggle
wake-up call = a warning
water under the bridge = past and forgotten
word of mouth = people tell their friends
(keep|keeps|kept) ~ head above water = just have enough money to live
against the clock = in a great hurry
(around|round) the clock = day and night
(hit|hits|hitting) the nail on the head = be exactly right
in full swing = at its best
on thin ice = in danger
food for thought = something to think about
gut feeling = intuition
(has|have|had|having) ~ hands full = be very busy
head start = an early advantage
hot potato = a question that nobody wants to touch
(jump|jumps|jumped|jumping) ship = leave the company
(jump|jumps|jumped|jumping) through hoops = many forms and offices
(leave|leaves|left) no stone unturned = search everywhere
level playing field = equal chances for all
(make|makes|made|making) waves = be noticed
(roll|rolls|rolled|rolling) up ~ sleeves = start to work
(raise|raises|raised|raising) the bar = ask for more than before
(sit|sits|sat) tight = wait
the sky is the limit = everything is possible
(stabbed|stabs|stab) (~) in the back = betrayed
straight from the horse's mouth = from the one who knows
(take|takes|took|taking) the plunge = dare to begin
(keep|keeps|kept) ~ on ~ toes = be attentive
on the tip of ~ tongue = nearly remembered
up ~ sleeve = as a secret plan
(wear|wears|wore|wearing) many hats = do many different jobs
(wear|wears|wore) ~ heart on ~ sleeve = show all feelings
bitter pill = a hard truth
carrot and stick = reward and punishment
(sugarcoat|sugarcoats|sugarcoated) it = make it sound better
(bleed|bleeds|bleeding|bled) money = lose a lot of money
(skyrocket|skyrockets|skyrocketed|skyrocketing) = rise very fast
wolf in sheep's clothing = a dangerous person who seems kind
`;

const SMALL = "(?:(?:my|your|his|her|its|our|their|the|a|an|of|to|[a-z]+['’]s|me|you|him|us|them|it) ?)";

interface Entry {
  pattern: RegExp;
  meant: string;
  /** Words beside which it is meant as it is said. */
  literal: RegExp | null;
}

const ENTRIES: readonly Entry[] = FIGURES.trim()
  .split('\n')
  .map((line) => {
    const [said = '', after = ''] = line.split(' = ');
    const [meant = '', literal = ''] = after.split(' ! ');
    const source = said
      .split(' ')
      .map((w) => (w === '~' ? SMALL : w === '(~)' ? `${SMALL}?` : w.replaceAll("'", "['’]")))
      .join(' ')
      .replaceAll(') ?) ', ') ?)');
    return {
      pattern: new RegExp(`(?<!\\p{L})${source}(?!\\p{L})`, 'iu'),
      meant,
      literal: literal ? new RegExp(`(?<!\\p{L})(?:${literal.replaceAll(' ', '|')})`, 'iu') : null,
    };
  });

/** A text in which particulars (an address, a date) and figures of speech stand as what they mean, and which they were. */
export function asMeant(text: string): { text: string; figures: readonly Figure[] } {
  const figures: Figure[] = particularsOf(text);
  let out = figures.reduce((t, { said, meant }) => t.replace(said, meant), text);
  for (const { pattern, meant, literal } of ENTRIES) {
    const found = pattern.exec(out);
    if (!found || literal?.test(text)) continue;
    figures.push({ said: found[0].trim(), meant });
    out = out.replace(found[0], found[0].endsWith(' ') ? `${meant} ` : meant);
  }
  return { text: out, figures };
}
