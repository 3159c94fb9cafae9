import './src/jitless';
import 'expo-router/entry';
