/**
 * More lines for which a picture is used, as people write them, with a bar between: by row id, or by the start of one. They
 * stand for what the picture means beyond what it shows. Those of used-for.ts and of the rows count besides.
 */
export const USES: Record<string, string> = {
  hourglass:
    'The deadline is close.|You are wasting your time.|Every second counts.|There are only a few days left.|It will not last forever.|Wait a little longer.|You have thirty days.|The clock is ticking.|Soon it will be too late.',
  'scales-dusk':
    'Compare both sides before you judge.|The judge decided against them.|Rights and duties.|What is the better deal?|Equal pay for equal work.|A question of fairness.|The court found him guilty.|Is it worth it?|A matter of justice.',
  trophy:
    'The champion of the season.|Number one in the country.|They deserve the prize.|A record for the history books.|Best film of the year.|After years of training she won gold.|He became world champion.|The best teacher of the year.|They won by one point.',
  'birthday-cake':
    'He turned forty yesterday.|We have existed for a decade.|Blow out the candles.|Another year older.|An anniversary to remember.|Bake a cake for the party.|She turned ninety.|Ten years of us.|Make a wish.',
  gifts:
    'Surprise someone you love.|Ideas for presents under twenty euros.|A bonus for loyal customers.|Christmas is around the corner.|Giveaway: take part and win.|Wrap it nicely.|Free shipping until Sunday.|It is better to give.|What do you give someone who has everything?',
  balloons:
    'The children had a great time.|We reopen with a big party.|Everything feels easy today.|Up, up and away.|The festival starts on Saturday.|Good mood guaranteed.|Three hundred guests.|The children cheered.|We open today!',
  suitcase:
    'What to take on a trip.|He emigrated to find work.|Two weeks by the sea.|The refugees had one bag each.|Checklist for your luggage.|Business trips are tiring.|I left with one bag.|She packed in ten minutes.|Three weeks in Portugal.',
  globe:
    'International cooperation matters.|From Asia to America.|The world is changing.|Global trade has slowed down.|Learn a foreign language.|Geography made simple.|In over ninety countries.|From Japan to Peru.|The climate does not know borders.',
  flasks:
    'The chemistry behind it.|Scientists are working on a vaccine.|Tested and proven.|A new formula.|Laboratory results.|Mix the ingredients.|A chemical reaction.|It all began in a lab.|The recipe is a secret.',
  guitar:
    'Music school for everyone.|Turn up the volume.|A song about freedom.|The concert was sold out.|Learn an instrument.|The singer released a new album.|We played in a garage.|That riff made them famous.',
  football:
    'The league starts again.|Sport brings people together.|The players trained hard.|A goal in the final minute.|Fans celebrated in the streets.|The world cup is coming.',
  'open-book':
    'Chapter one.|The author tells of her childhood.|Read this before you start.|Knowledge is power.|A fairy tale for adults.|History repeats itself.|Three books that changed my life.|Her new novel is about two sisters.|Turn the page.',
  magnifier:
    'The police are investigating.|Search for the cause.|Let us analyse the numbers.|Find the mistake.|Hidden in the fine print.|Research takes patience.|We looked at the evidence.|Read the label.|One detail gave him away.',
  padlock:
    'Privacy is a right.|Your account is secure.|It remains a secret.|Choose a strong password.|Locked out of the system.|Prisons are overcrowded.|Use two-factor authentication.|They kept it secret for years.|The museum is closed.',
  'padlock-open':
    'Hackers stole the data.|A security hole was found.|Freedom at last.|The secret is out.|Unlock the full version.|A leak of private information.|Anyone could read my messages.|A password of six letters.|The archive is open to everyone.',
  'aid-box':
    'What to do in an emergency.|The wound healed quickly.|Health insurance explained.|Accidents happen at home.|Hospitals are full.|The virus spreads.|In an emergency call for help.|How to stop the bleeding.|I broke my leg.',
  puzzle:
    'The last piece.|How it fits together.|A complex problem, explained.|Team up to solve it.|Connect the dots.|Find the right match.|The last clue was missing.|Suddenly everything made sense.|Let us solve this.',
  chess:
    'Outsmart the competition.|The government has a plan.|A tactical mistake.|Power games in the office.|Your next move.|The opposition responds.|They had planned it for months.|A smart move.|Her opponent made one mistake.',
  dominoes:
    'A chain reaction.|If one bank fails, others follow.|Cause and effect.|The beginning of the end.|Consequences nobody expected.|It is going downhill.|One bank after the other failed.|It started with a small lie.|Then everything happened at once.',
  candle:
    'In memory of the victims.|Rest in peace.|A prayer for them.|Quiet evenings at home.|The power went out.|Never forget.|Forty years ago today.|We lit a candle.|Power cut in the whole town.',
  flowers:
    "Say it with flowers.|Happy Mother's Day.|A bouquet for the hostess.|The first warm days.|An apology.|Decorate the table.",
  'flowers-wilted':
    'Neglected for too long.|The end of a friendship.|Without water nothing survives.|Their love faded.|The drought destroyed it.|Grief and farewell.|We forgot about it.|Love needs care.|Too little rain.',
  'plate-broken':
    'An accident in the kitchen.|I dropped it.|They had a fight.|It cannot be undone.|Mistakes were made.|Everything fell apart.|It slipped from my hands.|The deal collapsed.|Sorry does not fix it.',
  target:
    'Hit the mark.|Set yourself a goal.|Focus on one thing.|Reach the right audience.|Accuracy matters.|The aim for this year.|One goal at a time.|Who is your audience?|Be specific.',
  compass:
    'Which direction should we take?|Values guide us.|Lost in the mountains.|Orientation for beginners.|Find your own way.|The course has changed.|I had no plan.|Trust your instinct.|We lost our way.',
  camera:
    'Take better photos.|The photographer captured the moment.|Picture of the day.|A selfie with friends.|Memories of the holiday.|Paparazzi were waiting.|I took one photo a day.|Stand still and smile.|The picture won a prize.',
  headphones:
    'My favourite podcast.|Listen to this.|The playlist for the evening.|Block out the noise.|Audio books on the go.|A song stuck in my head.|On the way I listen to stories.|Volume up.|Episode twelve is out.',
  watering:
    'Care for it every day.|Water the plants.|Invest in yourself.|Nurture your talent.|Growth needs attention.|The garden is thirsty.|Not too much, not too little.|Twice a week is enough.|Look after your friends.',
  stew: "Dinner is served.|Hot soup on cold days.|Grandma's secret recipe.|Cook for the whole week.|It smells delicious.|Add the onions and stir.",
  parcel:
    'Shipping is included.|The package got lost.|Unboxing time.|Online shopping is booming.|Sent back to the seller.|Delivered to your door.|It never arrived.|Order by noon.|Return it free of charge.',
  shopping:
    'Groceries for the week.|Inflation hits families.|The supermarket raised its prices.|Buy fresh and regional.|What is in your basket?|Save money on food.|Milk, bread and eggs: nine euros.|Prices have risen by a fifth.|Write a shopping list.',
  megaphone:
    'Important announcement!|Spread the word.|They demand to be heard.|Advertising that works.|Breaking news.|Tell everyone about it.|We have news!|Sale starts on Monday.|Speak up.',
  bubbles:
    'What do you think?|A heated debate.|Let us talk about it.|The comments exploded.|Two people, two opinions.|Communication is everything.|What would you do? Tell me.|People talk.|He never said a word about it.',
  checklist:
    'Tick it off.|Everything is prepared.|Five steps to success.|The plan for today.|Have you thought of everything?|Organise your week.|Number one: turn it off.|Before you go, check this.|Five questions to ask.',
  ballot:
    'Election day.|Every vote counts.|Democracy needs you.|The parliament decided.|A new mayor was elected.|The referendum failed.|Only half of the people voted.|The mayor resigned.|Each vote matters.',
  gears:
    'How the system works.|The economy is running again.|Industry and machines.|A well-oiled team.|Technical details.|The process behind it.|Supply chains are fragile.|Step by step, how it is made.|Everything is connected.',
  nest: 'A safe home.|The children moved out.|Savings for later.|New life in spring.|Parents protect their young.|Birds in the garden.',
  'umbrella-house':
    'Is your home insured?|Protection against damage.|Be prepared for bad times.|Safe and dry.|The roof leaks.|Home insurance compared.|The storm tore off the roof.|Does my insurance pay for that?|A shelter for families.',
  'warning-sign':
    'Be careful!|The biggest mistake you can make.|Danger ahead.|Do not fall for this scam.|Side effects to watch for.|Never do this.|Do not make this mistake.|Beware of fake profiles.|It is illegal.',
  signpost:
    'Where do we go from here?|So many options.|Decide for yourself.|The right path.|Directions for visitors.|A turning point.|North or south?|Many paths, one goal.|Where should I start?',
  'bars-rising':
    'Profits have doubled.|The number of users grows.|Costs keep climbing.|A steady increase.|More every year.|The economy recovers.|More people than ever.|It has gone up every year since.|Demand keeps growing.',
  'bars-falling':
    'Sales collapsed.|Numbers are dropping.|Less and less.|The decline continues.|Stock prices fell sharply.|We lost half of our customers.|The number has halved.|Fewer births than ever.|The share price collapsed overnight.',
  'pie-chart':
    'Most of the money goes to salaries.|Forty percent said no.|How the budget is divided.|The majority agrees.|A slice of the market.|Who gets the biggest share?|Two thirds voted yes.|One in four is affected.|Eighty percent of it goes to waste.',
  'tent-night':
    'Sleep under the stars.|Camping with children.|A night in the wild.|Adventure begins outside.|Far away from the city.|By the campfire.|No tent, no plan.|The fire crackled.|We heard wolves.',
  iceberg:
    'This is only the tip.|What you do not see.|Hidden problems below the surface.|The ice is melting.|There is more to it.|The unconscious mind.|What people see and what they do not.|Ninety percent is hidden.|The poles are melting.',
  telescope:
    'Look into the future.|Astronomers found a new planet.|The universe is huge.|A long-term vision.|What lies ahead?|Stars and galaxies.|The signal took four years to reach us.|Is there life out there?|A comet passes tonight.',
  'empty-chair':
    'Somebody is missing.|They fired him.|The seat stayed empty.|We miss you.|Nobody showed up.|A vacancy in the team.|There was one seat left.|He did not come back.|Who will replace her?',
  'map-pin':
    'Here is where it happened.|Find us in the city centre.|The location matters.|Meet me at the corner.|New shops near you.|On the map.|The shop is in the old town.|It all began in a small village.|Right here.',
  bell: 'A reminder.|Turn on notifications.|School is over.|The alarm rang.|Attention please.|Ding dong.|Subscribe so you do not miss it.|Break is over.|A quick reminder.',
  rocket:
    'Our start-up takes off.|We are launching today.|To the moon.|Faster than ever.|Space travel.|The project gets going.|The start-up raised two million.|Lift-off!',
  snail:
    'The internet is so slow.|No hurry.|Bureaucracy takes forever.|Slow living.|It takes its time.|The progress is slow.|It took eleven years to build.|The authorities are slow.|One page a day.',
  butterfly:
    'A complete transformation.|Nature is full of wonders.|From caterpillar to butterfly.|She became herself.|Light as a feather.|Insects are disappearing.|First it is a caterpillar.|She blossomed.|Insects are dying out.',
  'mended-heart':
    'Time heals wounds.|After the break-up.|He had a heart attack.|Get well soon.|Love hurts.|Kindness to yourself.|It hurt for a long time.|Forgive yourself.|The scar stays.',
  'paint-palette':
    'Be creative.|An artist and her colours.|Design your own.|Art class for adults.|The painting was sold.|Colours that go together.|I paint after work.|Red and blue make purple.|Art therapy helped me.',
  laptop:
    'The software was updated.|Watch the video online.|Our new website is live.|My computer crashed.|An online course.|Digital work.|The update failed again.|Log in with your new account.|He lost all his files.|Back up your data.|Open your browser.|The page does not load.',
  forest:
    'A walk in nature.|The trees are dying.|Fresh air helps.|Autumn has arrived.|Get away from it all.|The woods were silent.|Trees talk to each other.|The forest is sick.|I go there to think.',
  lake: 'Peace and quiet.|A weekend by the water.|The holidays can begin.|Clear water and mountains.|Reflect on your life.|Jump in!|The water was like glass.|We jumped in.|A cabin by the lake.',
  sunflowers:
    'Summer is here.|A field full of flowers.|Bees need flowers.|Turn towards the sun.|Bright and cheerful.|The countryside in July.|She painted them again and again.|Bees love this.',
  fireworks:
    'Happy New Year!|The city celebrates.|A spectacular finale.|It is time to party.|The crowd cheered.|National holiday.|What a night!|The whole town was on its feet.',
  train:
    'The railway is on strike.|Travel across the country.|Catch the next one.|Commuters are annoyed.|Arriving on time.|The journey home.|The line was built a hundred years ago.|Trains every ten minutes.|The last train left without us.',
  road: 'Road trip!|The way is the goal.|A long way to go.|Traffic is moving again.|Leave everything behind.|Where will it lead?|Two thousand kilometres in one summer.|The road goes on and on.|Halfway there.',
  skyline:
    'Life in the big city.|Business is booming.|The housing market.|Banks and companies.|The metropolis never sleeps.|Rents in the capital.|Eight million people.|The tallest building in the country.|Work in the city, live in the suburbs.',
  street:
    'Our neighbourhood.|People next door.|Living in a small town.|Local news.|Affordable housing.|Everyone on the street knew her.|Our street has changed.|Rows of little houses.',
  turbines:
    'Green electricity.|Wind energy for the region.|The energy transition.|Climate goals.|Power from nature.|Strong winds in the north.|Wind power now covers a third.|The blades are made of fibreglass.|A gust at last.',
  sheep:
    'Everyone does the same.|Life on the farm.|Wool and milk.|Think for yourself.|The herd instinct.|Count to fall asleep.|Wool was gold.|They all run in one direction.|The shepherd knows every one.',
  'hot-air':
    "Dream bigger.|A bird's-eye view.|Rise above it.|Freedom feels like this.|The most beautiful trip of my life.|Leave your worries below.|We floated over the valley.|I felt free.|From up here everything looks small.",
  summit:
    'At the top of the mountain.|The peak of her career.|Overcome your limits.|You can do it.|View from above.|The hardest climb.|After nine hours we were at the top.|The view was worth it.|The highest mountain in the country.',
  thunderstorm:
    'The mood changed suddenly.|Lightning struck.|Extreme weather is increasing.|A scandal broke.|Severe weather warning.|Trouble is brewing.|It hailed in June.|The argument exploded.|Then lightning struck the barn.',
  'storm-loop':
    'The mood changed suddenly.|Lightning struck.|Extreme weather is increasing.|A scandal broke.|Severe weather warning.|Trouble is brewing.',
  harvest:
    'The farmers bring in the crop.|Reap what you sow.|Golden fields.|Wheat prices.|Bread begins here.|The end of summer.|The grain is ripe.|A good year for wheat.|Drought ruined the crop.',
  factory:
    'Industry moves abroad.|Emissions must fall.|Made in a factory.|The air is polluted.|Workers lost their jobs.|Production has stopped.|The chimneys smoked day and night.|Steel, coal and sweat.',
  cabin:
    'A cosy winter evening.|Snow everywhere.|Holiday in the mountains.|Stay in and keep warm.|The first snow.|Hygge at home.|We rented a hut in the mountains.|Firewood and candles.|No network, no noise.',
  garden:
    'Grow your own food.|The beds are full.|Gardening for beginners.|Organic and healthy.|Bees and butterflies.|Summer in the garden.|Tomatoes, beans and a lot of weeds.|My balcony feeds me.|No poison, no peat.',
  building:
    'Construction has begun.|New homes for families.|Build something big.|The project is behind schedule.|Under construction.|Architects and engineers.|The scaffolding comes down.|A school for six hundred children.|It costs more than planned.',
  'baker-hands':
    'Knead the dough.|Made by hand every morning.|A family bakery.|The smell of fresh bread.|Homemade tastes best.|Craft and tradition.|He gets up at three to bake.|Fold the dough and let it rest.|Sourdough is alive.',
  'flour-eggs':
    'Ingredients for the dough.|You need flour and two eggs.|Let us bake.|Simple ingredients.|Pancakes for everyone.|Mix well.|Mix flour, sugar and butter.|For the dough you need three things.|Sift the flour.|Preheat the oven.',
  'rain-window':
    'It has been raining for days.|Stay inside today.|Feeling blue.|Grey weather.|She waited and looked outside.|A melancholy mood.|It rained the whole summer.|I watched the drops.|Nothing to do but wait.',
  'radio-mender':
    'Repair instead of buying new.|He knows how things work.|An old craft.|The technician found the fault.|It took patience to fix.|Electronics from the past.|Solder the wire.|It works again!',
  'radio-close':
    'Voices from the radio.|On the air.|The broadcast begins.|Old technology.|Tune in tonight.|The news at six.',
  'tool-wall':
    "The right tool for the job.|A tidy workshop.|Do it yourself.|Everything in its place.|Equipment for beginners.|Fix it at home.|You need a drill, a saw and a spirit level.|My father's tools.|Every tool has its place.",
  'seedling-hands':
    'Start small.|A new beginning.|Plant the seed today.|Care for nature.|Young companies need help.|Invest in the future.|From a tiny seed.|Give it light and water.|A small start.',
  'seedling-rows':
    'The first green shoots.|Sow in March.|Small beginnings.|The next generation.|Rows of young plants.|Agriculture of tomorrow.',
  'meeting-table':
    'The board met on Monday.|Negotiations go on.|Decisions are made here.|Politicians discussed the law.|Another meeting.|Experts at one table.|The committee could not agree.|Ministers met in the evening.|They argued for hours.|Everyone had a say.',
  'chart-rising':
    'The trend points upwards.|Investors are happy.|Our audience grows.|Statistics show it.|Revenue hit a record.|An upswing.',
  'letter-post':
    'Send us a letter.|The postman came.|Vote by mail.|Dear friend.|Sign up for the newsletter.|A message from far away.|I wrote her a letter every week.|The postcard took a year.|Apply in writing.',
  'letter-reading':
    'Bad news arrived.|She read it twice.|A letter from the authorities.|Memories on paper.|The contract came in the mail.|Words that touched me.|Dear Ms Reed, we regret.|She opened the envelope.|I still have his letters.',
  'cat-cup':
    'A lazy Sunday.|Tea and a blanket.|Take a break.|My pet keeps me company.|Cosy at home.|Nothing to do today.',
  'clock-close':
    'Be on time.|The clocks go back tonight.|Punctuality is a virtue.|Five minutes to twelve.|Working hours.|Hurry up!|At exactly noon.|I was never on time.|An hour a day.',
  'clock-gears':
    'Precision work.|What makes it tick.|A complicated mechanism.|The inner workings.|Time and again.|Swiss quality.',
  'desk-typing':
    'She wrote a book.|Answer your emails.|Type it in.|The journalist finished her article.|Work at the computer.|An application letter.',
  notebook:
    'Make a list.|Keep a diary.|Take notes.|Goals for the new year.|Write it down by hand.|A plan on paper.|Write three sentences every morning.|He noted every cent.|Draw a line down the middle.',
  'phone-hand':
    'Follow and share.|Scroll, scroll, scroll.|Download the app.|He checks his phone all day.|A message popped up.|Social media changes us.|I deleted every app for a month.|My screen time went down by half.|She posts three times a day.|The video went viral overnight.|Nobody likes your post? Here is why.|Comment below.|Tag a friend.',
  handshake:
    'The deal is done.|Partners since yesterday.|Nice to meet you.|They reached an agreement.|Trust is the basis.|Welcome to the team.|Both companies signed the contract.|We became partners.|A promise is a promise.|The merger is official.',
  'harbour-dawn':
    'The ships leave early.|A new day begins.|Life by the sea.|Goods arrive by ship.|Fishermen at work.|Set sail.|The ferries leave at six.|Containers from all over the world.|He went to sea at fifteen.',
  'harbour-night':
    'The port at night.|Quiet water.|The day is over.|Lights on the water.|Safe in the harbour.|Nothing moves.',
  'lighthouse-storm':
    'Stay strong in hard times.|A light to guide you.|The hurricane reaches the coast.|In the middle of the crisis.|Resist the storm.|Rescue at sea.|The coast guard saved all nine.|Waves as high as houses.|She stood firm.',
  'bicycles-dusk':
    'Ride your bike.|A tour along the river.|Cyclists need safer roads.|Sporty and cheap.|After work we cycle home.|Green mobility.|I cycle to work now.|More lanes, fewer cars.|Two wheels are enough.',
  'bicycle-shop':
    'Buy a used bike.|The shop repairs it.|Two wheels instead of four.|E-bikes are selling well.|Spring check for your bicycle.|Rent a bike.',
  'hiker-autumn':
    'Go your own way.|One step at a time.|A hike in October.|The journey continues.|Walk a mile in my shoes.|Out in nature.|I walked for thirty days.|One foot in front of the other.|Blisters and happiness.',
  'hiker-dawn':
    'The path to success.|Keep walking.|Start early.|A pilgrim on the road.|Discover the mountains.|A long journey ahead.',
  'fork-road':
    'A difficult choice.|Two possibilities.|Which career suits me?|The road divides.|Stay or go?|An important decision.|I could have stayed.|Study or work?|That day changed everything.',
  'runner-dawn':
    'Ready, set, go.|Train for the marathon.|Beat your laziness.|A head start.|Catch up.|Running is my therapy.',
  'runner-night':
    'Late for work again.|He ran as fast as he could.|Rush hour.|Sprint to the finish.|Chasing success.|No time to lose.|I was always in a hurry.|He ran to catch the bus.|Late again.',
  'dog-walk-rain':
    "In any weather.|Man's best friend.|It is pouring.|Duty calls.|Dogs need exercise.|Wet feet.",
  'dog-walk-autumn':
    'A walk after lunch.|My dog loves the leaves.|Fresh air is good for you.|Adopt a dog.|Sunday in the park.|Step outside.|Twice a day, whatever the weather.|He pulled me through the park.|A rescue dog changed my life.',
  'bird-branch':
    'A bird sat on a branch.|Autumn sounds.|Small and alone.|Wildlife in the city.|Birds fly south.|Listen to nature.',
  'bird-spring':
    'The birds are singing.|Spring awakens.|Good morning!|A cheerful tune.|Everything blossoms.|Tweet it.|At four they begin to sing.|Listen.',
  'market-stall':
    'Fresh from the market.|Regional products.|Small traders struggle.|Fruit and vegetables in season.|Haggle over the price.|Saturday is market day.|Straight from the farmer.|She has sold here for thirty years.|Ripe, cheap, local.',
  'market-crates':
    'Crates full of vegetables.|Eat more greens.|Supply and demand.|A colourful diet.|Organic food.|The vegan kitchen.',
  'canal-boat':
    'Slowly through the canals.|Holiday on a houseboat.|Go with the flow.|Goods on the water.|A calm journey.|Take it slow.|We live on a boat.|Five kilometres an hour.|Lock after lock.',
  'canal-evening':
    'An evening on the water.|Quiet after a long day.|Romantic places.|The tour ends here.|Drifting along.|Sunset on the canal.',
  'lantern-market':
    'The Christmas market opens.|Street food at night.|A festival of lights.|Crowds in the evening.|Magic in the air.|Tourists love it.',
  'lantern-close':
    'A light in the darkness.|Warm glow.|Celebrate with light.|Hope shines.|Evening mood.|Traditional crafts.',
  orchard:
    'Picked by hand.|Ripe fruit.|Teamwork in the field.|The apple harvest.|Rural life.|Seasonal jobs.|We climbed the ladders and picked.|Old varieties taste better.|Cider from our own trees.',
  'apple-crate':
    'An apple a day.|Fresh fruit.|Cider and juice.|Vitamins from the garden.|Autumn delicacies.|Full boxes.',
  'toaster-bench':
    'It can still be repaired.|Old appliances.|Give it a second life.|What is wrong with it?|Household tips.|A repair café.',
  'screws-dish':
    'Small parts.|Do not lose the screws.|Assembly instructions.|Details count.|Take it apart.|Sort the pieces.',
  'broken-pile':
    'We throw away too much.|Electronic waste.|Broken after two years.|Cheap goods.|A mountain of rubbish.|Planned obsolescence.|Fifty million tons of scrap.|Built to break.|The drawer of old phones.',
  'kettle-crack':
    'Boil the water.|It broke.|Time for tea.|A crack appears.|Kitchen appliances.|Old but loved.',
  sewing:
    'Mend your clothes.|Fashion made by hand.|Thread and needle.|Slow fashion.|The tailor at work.|Repair what is torn.|A button, a thread, two minutes.|I have not bought clothes for a year.|My first dress.',
  newspaper:
    'Headlines of the day.|Journalism matters.|Read all about it.|Fake news.|The press reported it.|What happened this week.|The headline was wrong.|Reporters came from everywhere.|I read about it the next day.',
  classroom:
    'Back to school.|Education for all.|The teacher asked a question.|A lesson for life.|Students in class.|Learn something new.|Thirty children in one room.|The new curriculum starts in autumn.|Teachers earn too little.',
  'coins-jar':
    'Save for a rainy day.|Pocket money.|Put something aside.|How to save.|Pension gap.|Tips are welcome.|I put five euros aside every week.|Start with a small amount.|My first salary.|An emergency fund.',
  'coin-stacks':
    'Money grows slowly.|Higher wages.|Taxes explained.|Interest on savings.|The price went up.|Invest your money.|Compound interest is magic.|The minimum wage goes up.|Rich people do this.|Shares pay a dividend.',
  calendar:
    'Save the date.|Next Monday.|An appointment in May.|The month ends.|Plan ahead.|Public holidays.|On the first of May.|Thirty days, thirty pictures.|We meet every Thursday.',
  'shop-door':
    'We are open.|A new shop in town.|Welcome!|Opening hours have changed.|Small businesses.|Step inside.',
  'two-cups':
    'A good conversation.|Friends for life.|Let us have coffee.|Stories from the past.|She listened.|Generations talk.',
  'light-bulb':
    'A bright idea.|Suddenly I understood.|Innovation.|Tip of the day.|Electricity bill.|Think differently.|And then I had an idea.|The inventor tried a thousand times.|Here is a trick.',
  'bulb-loop':
    'A bright idea.|Suddenly I understood.|Innovation.|Tip of the day.|Electricity bill.|Think differently.',
  'steps-rising':
    'Climb the career ladder.|Step by step.|Level up.|Progress every day.|The way up.|Higher and higher.',
  'paper-waves': 'Take a breath.|Calm the mind.|Ups and downs.|In this video.|Welcome back.|The flow.',
  'waves-loop': 'Take a breath.|Calm the mind.|Ups and downs.|The sound of the sea.|Relax.|The flow.',
  'hills-calm':
    'Life in the country.|Peaceful landscape.|Far from everything.|The horizon.|Slow down.|A new morning.',
  'hills-rain':
    'A difficult time.|Clouds over the country.|Sadness.|The weather turned.|Heavy rain.|Gloomy prospects.',
  'snow-street':
    'It is freezing.|White winter.|Snow chaos on the roads.|Heating costs rise.|December evenings.|Cold outside.|The coldest night in years.|Schools stay closed because of the snow.|Heating has never been so expensive.',
  'snow-loop':
    'It is freezing.|White winter.|Snow chaos on the roads.|December evenings.|Cold outside.|Silent night.',
  desk: 'Sit at the computer all day.|The company is hiring.|Fill in the form online.|Concentrate on one task.|A normal working day.|Send it to your boss.|My alarm rings, and I sit down at my desk.|Nine to five.|She sends the report before lunch.|Three hundred applicants for one job.',
  'desk-late':
    'Overtime again.|Burning the midnight oil.|Cyber attack.|The programmer fixed the bug.|No work-life balance.|Alone in the office.',
  'desk-home':
    'Be your own boss.|A side job on the internet.|Remote work has advantages.|Register online.|The blogger earns money.|Write your first post.',
  presentation:
    'The manager explained the strategy.|Convince with facts.|Our turnover this year.|Public speaking.|Pitch your idea.|Results of the survey.|Revenue has tripled since spring.|In the third quarter we grew again.|Our investors asked one question.',
  lecture:
    'A professor explained why.|The study shows.|Attend a workshop.|Learn from experts.|Facts and figures.|He gave a talk.',
  interview:
    'They asked her for advice.|Talk to a lawyer.|A difficult conversation.|Get the job.|Ask for a raise.|He answered honestly.|What are your weaknesses?|She prepared for the job interview.|I told him the truth.|The counsellor listened.',
  'shop-till':
    'The customer is king.|Cash or card?|The corner shop survives.|Pay less.|Friendly service.|How much is it?|My grandmother ran the shop.|Can I pay by card?|Customers stay away.',
  'parcel-shop':
    'Pick up your order.|Return within thirty days.|Logistics never sleep.|The post office.|Send a package abroad.|Customs and duties.',
  barista:
    'A cappuccino, please.|The new coffee place.|Wake up with coffee.|Behind the counter.|Hospitality needs staff.|Breakfast in town.|Beans, water, pressure.|The machine hisses.|Our regulars know us by name.',
  restaurant:
    'Reserve a table.|A romantic evening.|Fine dining.|Waiters live on tips.|The chef recommends.|Out for dinner.|Table five wants the bill.|He cooked for kings.|A star for the small restaurant.',
  carpenter:
    'Measure twice, cut once.|Wood is a natural material.|An apprentice learns.|Furniture for life.|Skilled workers are rare.|With his own hands.|He builds tables from old doors.|Sand it, oil it, done.|Oak, ash and walnut.',
  mechanic:
    'Broken down on the motorway.|Service every year.|Look under the hood.|A technical problem.|She repairs it herself.|Time for an inspection.|The engine made a strange noise.|Changing the tyres yourself.|The garage wanted a thousand euros.',
  scientist:
    'Look closer.|Biology explained.|A cure was found.|Years of research.|Germs are everywhere.|Evidence, not opinion.|Under the microscope it looks like a city.|The sample was tested twice.|Cells divide.',
  nurse:
    'Thank you to everyone in care.|Caring for old people.|In hospital.|He is seriously ill.|Hold my hand.|The operation went well.|She works nights on the ward.|He held my hand.|After the operation I slept for two days.',
  doctor:
    "Go to the doctor early.|Vaccination for children.|The diagnosis came as a shock.|Medical advice.|A family doctor.|How does the heart sound?|At the children's clinic.|The diagnosis took months.|Listen to your body.",
  sweeper:
    'Clean streets.|Invisible work.|Autumn leaves everywhere.|Low wages.|Tidy up.|The city woke up.|After the festival the cleaners come.|Somebody has to do it.|Four tons of leaves.',
  'wall-painter':
    'Make it beautiful again.|Change is good.|New colours for the room.|Work in progress.|Craftsmen are booked out.|Redecorate.|Two coats are enough.|Sand the wall first.|We painted the kitchen green.',
  hairdresser:
    'Short or long?|Treat yourself.|A small change, a big effect.|Beauty tips.|The salon is open again.|You look great.|I cut my hair off.|Blonde or brown?|Tips against dry hair.',
  singer:
    'The star of the evening.|Overcome your stage fright.|Sing along.|Her voice moved everyone.|Tickets are on sale.|Fame has a price.|She sang in front of ten thousand.|His first gig.|Then the lights went out.',
  courier:
    'Fast and reliable.|On the move all day.|Food to your door.|Deliver on time.|Working conditions of riders.|Quick as lightning.|Dinner arrived in twenty minutes.|He cycles eighty kilometres a day.|Paid per delivery.',
  'field-work':
    'Hard physical work.|Vegetables do not grow in supermarkets.|Small farms die out.|The land feeds us.|Harvest helpers wanted.|Fresh salad.|Bent over for ten hours a day.|Asparagus season begins.|Who picks our strawberries?',
  'screen-evening':
    'A quiet night in.|Streaming instead of cinema.|The whole family watched.|New series this month.|Millions saw it on television.|Too much screen time.|We binged three seasons.|The finale was a let-down.|Turn off the news.',
  'reading-sofa':
    'Lose yourself in a story.|Time to read.|A quiet hour.|My grandmother loves crime novels.|Book tips.|Enjoy retirement.|A rainy Sunday and a thick book.|She reads a book a week.|Put your feet up.',
  'reading-night':
    'Just one more chapter.|Learn in the evening.|A thrilling story.|Educate yourself.|Switch off the phone.|A poem.',
  'family-dinner':
    'Home is where we eat together.|The holidays with the family.|Invite friends.|Sunday lunch.|Children and parents at the table.|Traditions.|At the table we talk about our day.|On holidays the whole family comes.|Phones away, dinner is ready.',
  stove:
    'Cook something simple.|Boil the pasta.|Taste and season.|The secret ingredient.|Today I am cooking.|Twenty minutes, one pan.|Heat the oil in a pan.|Add salt, pepper and a little patience.|It takes fifteen minutes.|I learned it from my aunt.',
  'stove-soup':
    'Warm meals for little money.|Chop the vegetables.|Healthy and quick.|Vegetarian recipes.|Meal prep.|Onions, garlic, oil.|Peel and chop the carrots.|Let it boil, then turn down the heat.|This soup costs less than two euros.',
  awake:
    'My head would not stop.|Sleepless nights.|Fear of the future.|The baby cried all night.|Depression is an illness.|Overthinking.|At two in the morning I stared at the ceiling.|My heart was racing.|I kept thinking about it.|The panic came at night.',
  asleep:
    'Go to bed earlier.|Sweet dreams.|Sleep like a baby.|Recovery is important.|Tired all the time?|The body repairs itself at night.|Put the phone away an hour before bed.|After eight hours you think more clearly.|The children are finally asleep.',
  'building-blocks':
    'Build it up piece by piece.|Time for the children.|Play is learning.|A solid foundation.|Fathers at home.|Creative games.|Kids build, knock down and build again.|Start with the basics.|The first years matter most.',
  'moving-in':
    'The first flat of our own.|Friends help carry.|Looking for a place to live.|Packing boxes.|New in town.|They moved together.|We packed our life into boxes.|Twelve boxes and a sofa.|New city, new start.',
  'video-call':
    'See each other online.|The meeting could have been an email.|International team.|Digital classroom.|Distance does not matter.|Turn on your camera.|My team lives in four time zones.|I see my parents on screen.|Your microphone is off.',
  pram: 'Becoming a mother.|A newborn changes everything.|Birth rates are falling.|Parents need support.|Slowly through the park.|Single mothers.|Our son was born in May.|New parents get no sleep.|A walk with the baby.',
  'bench-pair':
    'Precious moments.|Growing old.|Talk to your grandparents.|The sun went down.|A promise.|Looking back.|My grandfather told me about the war.|They have been married for fifty years.|We sat there until dark.',
  'bench-alone':
    'Time to think.|Peace of mind.|Alone but not lonely.|Morning silence.|A farewell.|Watch the water.|I needed to be alone for a while.|He sat by the water and waited.|For the first time I heard nothing.',
  laundry:
    'Everyday life.|A sunny, windy day.|Save energy in the household.|Clean clothes.|Chores for everyone.|Simple life.|Forty degrees, half the detergent.|Who does the washing at home?|Clothes last longer this way.',
  library:
    'Prepare for the exam.|So many books.|A place to learn.|The archive holds answers.|Reading makes you smart.|Do your research.|I spent my youth among books.|Sources you can trust.|Two weeks before the exam.',
  tutor:
    'Understand mathematics.|A patient teacher.|Children need encouragement.|Explain it simply.|Private lessons.|One to one.|He explained fractions with pizza.|My daughter struggles with maths.|Learning needs time.',
  graduates:
    'Proud of you.|The best years.|School is finished.|A diploma in hand.|What comes after school?|A bright future.|After five years I have my diploma.|The first in my family to study.|School is over!',
  knitting:
    'Handmade with love.|A warm sweater.|Old traditions.|Retired and happy.|Stay warm.|Patience and wool.|She has knitted for seventy years.|By the fire it is warm.|Socks for the whole family.',
  homework:
    'No motivation.|The pupils learn from home.|Distraction is everywhere.|Tired of studying.|Exams are stressful.|Mondays.|I was bored at school.|How to stop procrastinating.|Another online lecture.',
  joggers:
    'Move more.|A training partner.|Lose weight slowly.|Run for charity.|Keep up the pace.|Outdoor sport.|Twice a week around the lake.|We started with one kilometre.|Your heart will thank you.',
  'joggers-dawn': 'Early birds.|Discipline.|Before everyone wakes up.|Good habits.|Fresh start.|Get moving.',
  'tree-pose':
    'Find inner peace.|Flexible and strong.|Stand firm.|Concentration.|Wellness weekend.|Feel your body.|Stand on one leg.|My back pain went away.|Balance is a skill.',
  meditation:
    'Inner calm.|Less stress.|Close your eyes.|Mindfulness in everyday life.|Be present.|Therapy helps.|Sit down, close your eyes.|Ten breaths.|The mind becomes quiet.',
  lifter:
    'Build muscle.|Push your limits.|Heavy responsibility.|You are stronger than you think.|Train harder.|Powerful.|Ten more.|I could not lift the bar at first.|Strong is not a look.',
  'football-kick':
    'Score!|Take the chance.|The striker shoots.|A penalty.|Win or lose.|Children dream of it.|It was the ninetieth minute.|He shot, and the stadium went silent.|Penalty!',
  'finish-line':
    'Mission accomplished.|The winner takes it all.|Almost there.|You did it!|A new record.|Cross the line.|She finished her degree at sixty.|We did it in the last second.|Marathon number one.',
  swimmer:
    'Learn to swim.|Fight your way forward.|Summer at the pool.|Against the current.|The swimming pool closes.|Endurance.|Forty lengths before breakfast.|I was afraid of water.|She swam across the lake.',
  climber:
    'Fear of heights.|Take a risk.|A steep career.|Trust the rope.|Hang in there.|The challenge of a lifetime.|Hold on, do not look down.|She climbed it without a rope.|The wall was steep.',
  dancers:
    'Dance like nobody is watching.|A wedding party.|Music and movement.|In love.|Latin rhythms.|Let us celebrate life.|They met at a dance.|Move your hips.|At the wedding everyone danced.',
  platform:
    'Waiting for something.|Goodbye.|Delays and cancellations.|A new life begins.|Alone on a journey.|The next stop.|On the platform she turned round once more.|Twenty minutes late, again.|He waved until we were gone.',
  airport:
    'Holiday season.|Leaving home.|Cheap flights.|He went abroad.|The company takes off.|A trip around the world.|I flew home for the funeral.|Gate forty-two, boarding now.|With one ticket and no plan.',
  'train-seat':
    'On the way to work.|Thoughts on a journey.|Landscapes fly by.|Relaxed travelling.|Read on the train.|Going home.|I read a whole book on the way.|Somewhere outside a village flew by.|Every day the same route.',
  'bus-queue':
    'Stand in line.|Nothing moves forward.|Buses are too rare.|People of all ages.|Patience is required.|First come, first served.|We waited in the cold.|Everyone stared at their phones.|The line went around the corner.',
  march:
    'The people are angry.|Fight for your rights.|A movement is growing.|Women march for equality.|Students protest.|Resistance.|Ten thousand people marched through the city.|Nurses went on strike.|We will not be silent.',
  planting:
    'For our grandchildren.|Reforestation.|Start today.|Give back to nature.|Roots.|A small contribution.|We planted a thousand trees.|Roots need space.|My grandfather planted this one.',
  'beach-cleanup':
    'Save the oceans.|Microplastics.|Take your rubbish home.|Act now.|Everyone can help.|Our planet.|Every minute a truckload of plastic.|Volunteers collected two tons.|Turtles eat bags.',
  'food-bank':
    'People in need.|Poverty in old age.|Solidarity.|Nothing goes to waste.|Neighbours help.|A warm meal.|They hand out two hundred meals.|Bread from yesterday.|Hunger is closer than you think.',
  hug: 'Welcome home.|I forgive you.|Friendship.|Comfort in grief.|Long time no see.|Love is all you need.|When I came home, she was waiting.|They had not seen each other for ten years.|My brother apologised.',
  fishing:
    'Wait and see.|A quiet hobby.|Retirement.|No rush.|A good catch.|Early in the morning.|He goes there every morning.|You cannot rush it.|Nothing bit.',
  boulder:
    'A never-ending task.|Carry the burden.|Work hard.|The struggle continues.|Overcome the obstacle.|Too heavy for one.|For years nothing moved.|I tried again and again.|Debts crush families.',
  tightrope:
    'Between hope and fear.|A risky investment.|Keep calm.|A delicate situation.|Work and family in balance.|No safety net.|The project could fail at any moment.|One mistake would cost millions.|I was scared, but I went on.',
  'ladder-star':
    'Make your wish come true.|Aim high.|A talent is discovered.|The sky is the limit.|Ambition.|From nobody to star.|As a child I wanted to be an astronaut.|She has big plans.|Nothing is impossible.',
  leap: 'A bold move.|Overcome your fear.|From zero to one.|The big jump.|Opportunities do not wait.|Break new ground.|I quit without a plan.|It took all my courage.|From one day to the next.',
  'helping-hand':
    'We help each other.|Mentors and role models.|Lend a hand.|Thanks for your support.|Strong together.|Trust me.|A stranger helped me.|Nobody makes it alone.|Ask, people like to help.',
  'tug-of-war':
    'The dispute goes on.|Employers and unions disagree.|Opponents.|A struggle for power.|Rivals on the market.|Divorce.',
  overload:
    'Exhausted.|Drowning in work.|Tax return.|Too much bureaucracy.|Deadline pressure.|The inbox is full.|I had not taken a day off in a year.|The emails never stopped.|It was simply too much.|My desk disappeared under paper.',
  juggler:
    'Ten things at once.|Everyday chaos.|Working mothers.|Set priorities.|Keep everything in the air.|Jack of all trades.|Between meetings I pick up the kids.|I do three jobs at once.|Everything has to be done by tonight.',
  'lonely-bench':
    'Isolation makes people ill.|Homeless.|Heartbreak.|He lost his job.|No one listens.|In deep grief.|Nobody came to visit him.|After the divorce I was alone.|I felt empty.|She cried in the park.',
  'shared-umbrella':
    'We stick together.|Caught in the rain.|Insurance for two.|Protect each other.|Come rain or shine.|Marriage.|It rained on our wedding day.|We have each other.|Take this with you in April.',
  'two-doors':
    'Option A or option B.|Make up your mind.|What is behind it?|Right or wrong?|The dilemma.|Stay or leave?|You can say yes or no.|There are two ways to solve this.|Which one is healthier?',
  'big-shadow':
    'Hidden strength.|What do you want to be when you grow up?|Grow beyond yourself.|Self-confidence.|Small business, big plans.|Fear makes things bigger.|He was small, but nobody dared to touch him.|Fake it till you make it.|Everyone has a hidden talent.',
  'lantern-way':
    'Into the unknown.|A mystery.|The search begins.|Alone in the dark.|Step by step through the fog.|A scary story.|We did not know what was in there.|The lights went out, and we walked.|A true crime story.',
  'huge-wave':
    'Disaster is coming.|Fighting for survival.|A wave of bankruptcies.|Too much to handle.|The pandemic.|Overwhelmed.|The flood destroyed the village.|Then came the crisis.|The virus hit us in March.',
  'summit-team':
    'We did it together.|Team spirit.|A great success.|Mission completed.|Proud of our team.|Goal achieved.|We won the tender!|It took four of us.|Ten thousand subscribers, thank you!',
  maze: 'No way out.|A jungle of rules.|Where is the exit?|Think around the corner.|A tricky problem.|Red tape.|The forms are in three languages.|Nobody understands the rules.|I was lost in the system.',
  drive:
    'On the road again.|Car insurance.|Weekend trip.|Driving licence.|Electric cars.|Heading south.|We left at five to avoid the traffic.|I sold my car.|Petrol or electric?',
  robot:
    'Artificial intelligence explained.|Chatbots answer questions.|Machines take over.|The technology of tomorrow.|A digital helper.|Is it human?|The program writes, paints and talks.|My job was automated.|Can machines think?',
  'card-payment':
    'Contactless.|Pay your bills.|Spending too much.|Debts.|A cashless society.|That will be ten euros.|I spent more than I earned.|Pay later, they said.|The bill came to two hundred.|Your subscription renews automatically.',
  'cat-sill':
    'Cute animals.|Curious eyes.|Waiting for you.|A day in the life of a cat.|Independent and proud.|Watching the world.|She waits at the window all day.|Why do cats purr?|Adopt, do not buy.',
  'tap-water':
    'Water is precious.|A leak in the bathroom.|Drink enough.|Drought in summer.|Clean drinking water.|Plumbing problems.|Turn it off while you brush.|It comes from a spring.|A family uses four hundred litres.',
  confetti:
    'We are celebrating.|A huge thank you!|Party time.|The winners are.|Hooray!|Carnival.|You are the best!|We made it to one hundred.|Surprise!',
  'leaf-border':
    "Today's topic.|A short summary.|Sustainable living.|Tips for you.|Good to know.|Natural ingredients.",
  rings:
    'Consequences for everyone.|The message gets around.|It affects the whole region.|Far-reaching.|Part two.|A signal.',
  microchip:
    'Big data.|Inside the machine.|Software and hardware.|Supply chains.|Programming.|High tech.|It fits on a fingernail.|Billions of calculations per second.|Your phone has more power than that computer.',
  'solar-roof':
    'Energy from the sun.|Lower your electricity bill.|Climate protection at home.|Subsidies for house owners.|Independent of the grid.|Clean power.|Panels on every roof.|It pays off after nine years.|Sun for free.',
  recycling:
    'Avoid plastic.|Where does our waste go?|Circular economy.|Separate properly.|Zero waste.|Bottles and cans.|Glass, paper, plastic.|Only a tenth is recycled.|Do not bin it.',
  medicine:
    'Painkillers.|At the pharmacy.|A new drug.|The flu season.|Side effects.|Take it after meals.|Three times a day with water.|The pharmacy ran out.|Antibiotics do not help against viruses.',
  'fruit-bowl':
    'Healthy eating.|Vitamins.|Eat more fruit.|A balanced diet.|Sweet and fresh.|For breakfast.|Two apples a day.|Sugar in fruit is not the problem.|Snack on this instead.',
  'house-key':
    'Your own four walls.|Real estate prices.|Sign the lease.|Take out a loan.|A place to call home.|Landlords and tenants.|We bought our first home.|The landlord raised the rent.|They got the keys on Friday.',
  'folds-dusk':
    'In conclusion.|A quote.|One more thing.|Good night.|The question is why.|Thank you for watching.',
  'folds-noon': 'Welcome.|Number one.|The facts.|What you need to know.|New episode.|Let us go.',
};
